-- Numbers that count, words that are found by an index, jobs that end, rows that cannot change. Plain PostgreSQL.
CREATE EXTENSION IF NOT EXISTS pg_trgm;

-- Kept rows raise an error when somebody tries to change them; the rules of before only pretended.
DROP RULE job_revision_kept ON job_revision;
DROP RULE job_revision_never_gone ON job_revision;

CREATE FUNCTION never_changes() RETURNS trigger LANGUAGE plpgsql AS $$
BEGIN
	RAISE EXCEPTION 'Rows of % are never changed or deleted.', TG_TABLE_NAME USING ERRCODE = 'restrict_violation';
END $$;

-- 101 is shown as K-0101.
ALTER TABLE job ALTER COLUMN number TYPE integer USING substr(number, 3)::integer;
ALTER TABLE job ADD CHECK (number > 0);

ALTER TABLE job ADD COLUMN state text NOT NULL DEFAULT 'open' CHECK (state IN ('open', 'handed-over', 'archived', 'deleted'));
-- Nothing is decided in it yet.
ALTER TABLE job ADD COLUMN empty boolean NOT NULL DEFAULT false;
-- The day on which it is wanted; infinity where none is named.
ALTER TABLE job ADD COLUMN wanted date NOT NULL DEFAULT 'infinity';
-- Title and maker in small letters without accents, as they are looked for, and the number before them.
ALTER TABLE job ADD COLUMN words text NOT NULL DEFAULT '';
UPDATE job SET words = lower(title || ' ' || maker);
ALTER TABLE job ADD COLUMN found text GENERATED ALWAYS AS (
	' k-' || CASE WHEN number < 1000 THEN lpad(number::text, 4, '0') ELSE number::text END || ' ' || words
) STORED;

CREATE INDEX job_found ON job USING gin (found gin_trgm_ops);
CREATE INDEX job_newest ON job ((-number)) WHERE state <> 'deleted';
CREATE INDEX job_pressing ON job (wanted, (-number)) WHERE state = 'open';
CREATE INDEX job_empty ON job (id) WHERE empty AND state = 'open';

-- How a job's state came about, the newest last.
CREATE TABLE job_state (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	job_id bigint NOT NULL REFERENCES job (id),
	state text NOT NULL,
	author text NOT NULL,
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX job_state_job ON job_state (job_id);

-- Which job uses a material, in which revision last: in use now where that is the head.
CREATE TABLE job_material (
	material text NOT NULL,
	job_id bigint NOT NULL REFERENCES job (id),
	last_rev integer NOT NULL,
	PRIMARY KEY (material, job_id),
	FOREIGN KEY (job_id, last_rev) REFERENCES job_revision (job_id, rev)
);
CREATE INDEX job_material_job ON job_material (job_id);
-- Whatever could be the name of a material in what was kept before.
INSERT INTO job_material (material, job_id, last_rev)
SELECT word #>> '{}', job_id, max(rev)
FROM job_revision, jsonb_path_query(spec, 'strict $.** ? (@.type() == "string")') AS word
WHERE word #>> '{}' ~ '^[a-z0-9][a-z0-9-]{0,59}$'
GROUP BY 1, 2;

-- Which picture a job names. A job may come before its picture, so this is no foreign key.
CREATE TABLE job_picture (
	sum text NOT NULL,
	job_id bigint NOT NULL REFERENCES job (id),
	PRIMARY KEY (sum, job_id)
);
CREATE INDEX job_picture_job ON job_picture (job_id);
INSERT INTO job_picture (sum, job_id)
SELECT DISTINCT word #>> '{}', job_id
FROM job_revision, jsonb_path_query(spec, 'strict $.** ? (@.type() == "string")') AS word
WHERE word #>> '{}' ~ '^[0-9a-f]{64}$';
CREATE INDEX picture_at ON picture (at);

DELETE FROM job_climate WHERE NOT EXISTS (SELECT 1 FROM job_revision WHERE (job_revision.job_id, job_revision.rev) = (job_climate.job_id, job_climate.rev));
ALTER TABLE job_climate ADD FOREIGN KEY (job_id, rev) REFERENCES job_revision (job_id, rev);

-- A job of which there is nothing yet is written first, its revision after it.
ALTER TABLE job ADD FOREIGN KEY (id, head_rev) REFERENCES job_revision (job_id, rev) DEFERRABLE INITIALLY DEFERRED;

CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON job_revision FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON job_revision EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON job_state FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON job_state EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON job_climate FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON job_climate EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON room_year FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_gone BEFORE DELETE ON job FOR EACH ROW EXECUTE FUNCTION never_changes();
-- One that no job names goes after a while; none is ever another.
CREATE TRIGGER never_changes BEFORE UPDATE ON picture FOR EACH ROW EXECUTE FUNCTION never_changes();
