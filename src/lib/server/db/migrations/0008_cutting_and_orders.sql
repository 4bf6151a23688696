-- Sheets are also drop-outs and sticks; things are counted by the piece or the metre. What is kept in stock, what is ordered, what came of it.
-- How far a sheet is cut, by hand or by a machine. Plain PostgreSQL.
ALTER TABLE stock DROP CONSTRAINT stock_kind_check;
ALTER TABLE stock DROP CONSTRAINT stock_width_check;
ALTER TABLE stock DROP CONSTRAINT stock_height_check;
ALTER TABLE stock ADD CONSTRAINT stock_kind CHECK (kind IN ('sheet', 'offcut', 'drop-out', 'stick', 'thing'));
ALTER TABLE stock ADD CONSTRAINT stock_size CHECK ((kind = 'thing' AND width = 0 AND height = 0) OR (kind <> 'thing' AND width > 0 AND height > 0));

-- How many cuts of a sheet are made: the last row says it.
CREATE TABLE cutting_progress (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	plan_id bigint NOT NULL REFERENCES cutting_plan (id),
	sheet integer NOT NULL,
	made integer NOT NULL CHECK (made >= 0),
	made_by text NOT NULL CHECK (made_by IN ('hand', 'cutter')),
	-- Why a machine stopped; empty while it goes on.
	stopped text NOT NULL DEFAULT '',
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX cutting_progress_sheet ON cutting_progress (plan_id, sheet, id);

-- A drop-out is put away once for each mat that is cut.
CREATE TABLE cutting_drop (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	plan_id bigint NOT NULL REFERENCES cutting_plan (id),
	part text NOT NULL,
	which integer NOT NULL,
	stock_id bigint NOT NULL REFERENCES stock (id),
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX cutting_drop_plan ON cutting_drop (plan_id);

-- What the shop keeps: under `point` it is ordered, so many at a time.
CREATE TABLE stock_kept (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	kind text NOT NULL CHECK (kind IN ('sheet', 'stick', 'thing')),
	material text NOT NULL CHECK (material <> ''),
	colour text NOT NULL DEFAULT '',
	width double precision NOT NULL DEFAULT 0,
	height double precision NOT NULL DEFAULT 0,
	point integer NOT NULL CHECK (point >= 0),
	batch integer NOT NULL CHECK (batch > 0),
	cents integer NOT NULL CHECK (cents >= 0),
	lead_days integer NOT NULL CHECK (lead_days >= 0),
	supplier text NOT NULL CHECK (supplier <> ''),
	UNIQUE (kind, material, colour, width, height)
);

CREATE TABLE purchase (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	supplier text NOT NULL,
	-- As the supplier calls it; empty for one that was ordered by word.
	ref text NOT NULL DEFAULT '',
	due date NOT NULL,
	state text NOT NULL DEFAULT 'open' CHECK (state IN ('open', 'closed')),
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX purchase_open ON purchase (id) WHERE state = 'open';

CREATE TABLE purchase_line (
	purchase_id bigint NOT NULL REFERENCES purchase (id),
	line integer NOT NULL,
	kind text NOT NULL,
	material text NOT NULL,
	colour text NOT NULL,
	width double precision NOT NULL,
	height double precision NOT NULL,
	ordered integer NOT NULL CHECK (ordered > 0),
	cents integer NOT NULL CHECK (cents >= 0),
	PRIMARY KEY (purchase_id, line)
);

-- What came, as it was counted and measured: `good` goes towards what was ordered.
CREATE TABLE purchase_event (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	purchase_id bigint NOT NULL,
	line integer NOT NULL,
	count integer NOT NULL CHECK (count > 0),
	good boolean NOT NULL,
	stock_id bigint NOT NULL REFERENCES stock (id),
	at timestamptz NOT NULL DEFAULT now(),
	FOREIGN KEY (purchase_id, line) REFERENCES purchase_line (purchase_id, line)
);
CREATE INDEX purchase_event_line ON purchase_event (purchase_id, line);

CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON cutting_progress FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON cutting_progress EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON cutting_drop FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON cutting_drop EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON purchase_line FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON purchase_event FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON purchase_event EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_gone BEFORE DELETE ON purchase FOR EACH ROW EXECUTE FUNCTION never_changes();
