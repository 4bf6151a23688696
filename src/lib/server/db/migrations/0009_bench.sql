-- Runs at the bench: what was done, event by event, never changed. Plain PostgreSQL.
CREATE TABLE bench_run (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	job_id bigint NOT NULL REFERENCES job (id),
	at timestamptz NOT NULL DEFAULT now(),
	ended_at timestamptz
);
-- One at a time for a job: two devices are on the same one.
CREATE UNIQUE INDEX bench_run_open ON bench_run (job_id) WHERE ended_at IS NULL;
CREATE INDEX bench_run_job ON bench_run (job_id, id);

CREATE TABLE bench_event (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	run_id bigint NOT NULL REFERENCES bench_run (id),
	-- Given by the device, so that what is sent twice counts once.
	event text NOT NULL UNIQUE CHECK (event <> ''),
	kind text NOT NULL,
	deed jsonb NOT NULL,
	done_by text NOT NULL DEFAULT '',
	-- By the server's clock, less what the device says that passed since.
	at timestamptz NOT NULL,
	received_at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX bench_event_run ON bench_event (run_id, id);
CREATE INDEX bench_event_lost ON bench_event (kind) WHERE kind IN ('looked', 'reopened');
CREATE INDEX bench_event_picture ON bench_event ((deed ->> 'picture')) WHERE kind = 'photographed';

CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON bench_event FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON bench_event EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_gone BEFORE DELETE ON bench_run FOR EACH ROW EXECUTE FUNCTION never_changes();
