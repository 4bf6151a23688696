-- The trainer: jobs to practise on, numbered apart from the shop's own, and every try. Plain PostgreSQL.
CREATE SEQUENCE practice_number_seq START 2000000001;

ALTER TABLE job DROP CONSTRAINT job_state_check;
-- In practice it is on no list: it is no work of the shop's.
ALTER TABLE job ADD CONSTRAINT job_state_check CHECK (state IN ('open', 'handed-over', 'archived', 'deleted', 'practice'));

CREATE TABLE practice (
	job_id bigint PRIMARY KEY REFERENCES job (id),
	-- Which case; one that is gone from the program still has its tries.
	trainer_case text NOT NULL CHECK (trainer_case <> ''),
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX practice_case ON practice (trainer_case, job_id);

CREATE TABLE practice_try (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	job_id bigint NOT NULL REFERENCES practice (job_id),
	rev integer NOT NULL,
	solved boolean NOT NULL,
	-- The fault was told while it was still there.
	told boolean NOT NULL,
	done_by text NOT NULL DEFAULT '',
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX practice_try_job ON practice_try (job_id, id);

CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON practice_try FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON practice_try EXECUTE FUNCTION never_changes();
