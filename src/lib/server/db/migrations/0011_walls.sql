-- Walls and what hangs on them, kept with their revisions like jobs. Plain PostgreSQL.
CREATE TABLE wall (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	name text NOT NULL CHECK (name <> ''),
	head_rev integer NOT NULL,
	put_away boolean NOT NULL DEFAULT false,
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX wall_newest ON wall ((-id)) WHERE NOT put_away;

CREATE TABLE wall_revision (
	wall_id bigint NOT NULL REFERENCES wall (id),
	rev integer NOT NULL,
	spec jsonb NOT NULL,
	author text NOT NULL DEFAULT '',
	at timestamptz NOT NULL DEFAULT now(),
	PRIMARY KEY (wall_id, rev)
);
CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON wall_revision FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON wall_revision EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_gone BEFORE DELETE ON wall FOR EACH ROW EXECUTE FUNCTION never_changes();
