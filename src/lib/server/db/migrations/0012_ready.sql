-- Things that lie ready on the shelf are counted as sheets are: what is there, what of it jobs hold, and every movement. Plain PostgreSQL.
ALTER TABLE stock DROP CONSTRAINT stock_kind;
ALTER TABLE stock DROP CONSTRAINT stock_size;
ALTER TABLE stock ADD CONSTRAINT stock_kind CHECK (kind IN ('sheet', 'offcut', 'drop-out', 'lite', 'stick', 'thing', 'ready'));
ALTER TABLE stock ADD CONSTRAINT stock_size CHECK (
	(kind IN ('thing', 'ready') AND width = 0 AND height = 0) OR (kind NOT IN ('thing', 'ready') AND width > 0 AND height > 0)
);
-- Of a name there is one line, whatever became of it.
CREATE UNIQUE INDEX stock_ready ON stock (material) WHERE kind = 'ready';

ALTER TABLE stock_event DROP CONSTRAINT stock_event_kind_check;
ALTER TABLE stock_event ADD CONSTRAINT stock_event_kind
	CHECK (kind IN ('arrived', 'counted', 'reserved', 'freed', 'cut', 'left', 'used', 'returned'));
-- The job that holds, frees or uses it.
ALTER TABLE stock_event ADD COLUMN job_id bigint REFERENCES job (id);

-- What a job takes from the shelf: held while it is worked on, used once it is handed over, let go while it lies in the archive.
CREATE TABLE job_ready (
	job_id bigint NOT NULL REFERENCES job (id),
	stock_id bigint NOT NULL REFERENCES stock (id),
	count integer NOT NULL CHECK (count > 0),
	state text NOT NULL DEFAULT 'held' CHECK (state IN ('held', 'used', 'let-go')),
	PRIMARY KEY (job_id, stock_id)
);
CREATE INDEX job_ready_stock ON job_ready (stock_id);

-- What the shelf had before is there once each.
INSERT INTO stock (kind, material, width, height, present)
SELECT DISTINCT 'ready', trim(item ->> 'name'), 0, 0, 1
FROM shop_list, jsonb_array_elements(items) AS item
WHERE shop_list.name = 'shelf' AND trim(coalesce(item ->> 'name', '')) <> '';
INSERT INTO stock_event (stock_id, kind, present, reserved, author)
SELECT id, 'arrived', 1, 0, '' FROM stock WHERE kind = 'ready';
