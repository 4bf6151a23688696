-- Rooms by the hour, as a data logger gave them.
CREATE TABLE room_year (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	name text NOT NULL UNIQUE,
	begins text NOT NULL,
	readings jsonb NOT NULL,
	gaps jsonb NOT NULL,
	at timestamptz NOT NULL DEFAULT now()
);

-- What a year of a room came to for a job's pack, the newest last. Never changed.
CREATE TABLE job_climate (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	job_id bigint NOT NULL REFERENCES job (id),
	rev integer NOT NULL,
	result jsonb NOT NULL,
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX job_climate_job ON job_climate (job_id);
