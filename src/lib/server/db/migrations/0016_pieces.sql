-- What is large is kept in pieces, so that no statement holds up the others for long. A picture or a room is there once its own row is;
-- pieces that came before it and were given up are cleared away. Plain PostgreSQL.
CREATE TABLE picture_piece (
	sum text NOT NULL,
	place integer NOT NULL,
	bytes bytea NOT NULL,
	at timestamptz NOT NULL DEFAULT now(),
	PRIMARY KEY (sum, place)
);
-- Pictures are compressed already.
ALTER TABLE picture_piece ALTER COLUMN bytes SET STORAGE EXTERNAL;
INSERT INTO picture_piece (sum, place, bytes, at)
SELECT sum, place, substring(bytes FROM place * 131072 + 1 FOR 131072), at
FROM picture, generate_series(0, (greatest(length(bytes), 1) - 1) / 131072) AS place;
ALTER TABLE picture DISABLE TRIGGER never_changes;
ALTER TABLE picture ADD COLUMN size integer;
UPDATE picture SET size = length(bytes);
ALTER TABLE picture ALTER COLUMN size SET NOT NULL;
ALTER TABLE picture DROP COLUMN bytes;
ALTER TABLE picture ENABLE TRIGGER never_changes;
-- Sent again it is young again, so that nobody clears it away.
CREATE TRIGGER never_changes BEFORE UPDATE OF bytes ON picture_piece FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE INDEX picture_piece_at ON picture_piece (at);

-- Readings as they are answered: `[0,51.2,20],[1,51.4,20]`, without the brackets of the whole.
CREATE TABLE room_piece (
	pieces uuid NOT NULL,
	place integer NOT NULL,
	readings text NOT NULL,
	at timestamptz NOT NULL DEFAULT now(),
	PRIMARY KEY (pieces, place)
);
ALTER TABLE room_year DISABLE TRIGGER never_changes;
ALTER TABLE room_year ADD COLUMN pieces uuid;
ALTER TABLE room_year ADD COLUMN hours integer;
UPDATE room_year SET pieces = gen_random_uuid(), hours = jsonb_array_length(readings);
INSERT INTO room_piece (pieces, place, readings, at)
SELECT pieces, (row - 1) / 5000, string_agg(reading::text, ',' ORDER BY row), max(at)
FROM room_year, jsonb_array_elements(readings) WITH ORDINALITY AS each (reading, row)
GROUP BY pieces, (row - 1) / 5000;
ALTER TABLE room_year ALTER COLUMN pieces SET NOT NULL, ALTER COLUMN hours SET NOT NULL, DROP COLUMN readings;
ALTER TABLE room_year ENABLE TRIGGER never_changes;
CREATE UNIQUE INDEX room_year_pieces ON room_year (pieces);
CREATE TRIGGER never_changes BEFORE UPDATE ON room_piece FOR EACH ROW EXECUTE FUNCTION never_changes();
