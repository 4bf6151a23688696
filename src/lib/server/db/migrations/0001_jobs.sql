-- A job is its revisions; none is ever updated or deleted. Plain PostgreSQL.
CREATE SEQUENCE job_number_seq START 101;

CREATE TABLE job (
	id bigint GENERATED ALWAYS AS IDENTITY PRIMARY KEY,
	number text NOT NULL UNIQUE,
	head_rev integer NOT NULL,
	-- What lists and the rack find it by, written with each revision.
	title text NOT NULL,
	maker text NOT NULL,
	aim text NOT NULL,
	reached text,
	created_at timestamptz NOT NULL DEFAULT now()
);

CREATE TABLE job_revision (
	job_id bigint NOT NULL REFERENCES job (id),
	rev integer NOT NULL,
	spec jsonb NOT NULL,
	author text NOT NULL,
	at timestamptz NOT NULL DEFAULT now(),
	reason text NOT NULL,
	PRIMARY KEY (job_id, rev)
);

CREATE RULE job_revision_kept AS ON UPDATE TO job_revision DO INSTEAD NOTHING;
CREATE RULE job_revision_never_gone AS ON DELETE TO job_revision DO INSTEAD NOTHING;
