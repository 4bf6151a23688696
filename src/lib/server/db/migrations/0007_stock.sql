-- Sheets and offcuts that lie in the shop, plans to cut them, and all that ever happened to them. Plain PostgreSQL.
CREATE TABLE stock (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	kind text NOT NULL CHECK (kind IN ('sheet', 'offcut')),
	material text NOT NULL CHECK (material <> ''),
	colour text NOT NULL DEFAULT '',
	width double precision NOT NULL CHECK (width > 0),
	height double precision NOT NULL CHECK (height > 0),
	lot text NOT NULL DEFAULT '',
	place text NOT NULL DEFAULT '',
	-- What is there, and how much of it plans have reserved: never less than nothing, never more than there is.
	present integer NOT NULL DEFAULT 0,
	reserved integer NOT NULL DEFAULT 0 CHECK (reserved >= 0),
	at timestamptz NOT NULL DEFAULT now(),
	CONSTRAINT stock_enough CHECK (present >= reserved)
);
CREATE INDEX stock_there ON stock (material, id) WHERE present > 0;

CREATE TABLE cutting_plan (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	material text NOT NULL,
	colour text NOT NULL DEFAULT '',
	-- The cutting job with its parts, and the plan as it was found.
	asked jsonb NOT NULL,
	plan jsonb NOT NULL,
	sheets integer NOT NULL,
	state text NOT NULL DEFAULT 'open' CHECK (state IN ('open', 'cut', 'given-up')),
	author text NOT NULL,
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX cutting_plan_open ON cutting_plan (id) WHERE state = 'open';

-- The parts that a plan cuts, so that no other plan cuts them again.
CREATE TABLE cutting_part (
	plan_id bigint NOT NULL REFERENCES cutting_plan (id),
	job_id bigint NOT NULL REFERENCES job (id),
	part text NOT NULL,
	width double precision NOT NULL,
	height double precision NOT NULL,
	count integer NOT NULL CHECK (count > 0),
	PRIMARY KEY (plan_id, part)
);
CREATE INDEX cutting_part_job ON cutting_part (job_id);

-- A sheet of a plan is cut once.
CREATE TABLE cutting_sheet (
	plan_id bigint NOT NULL REFERENCES cutting_plan (id),
	sheet integer NOT NULL,
	author text NOT NULL,
	at timestamptz NOT NULL DEFAULT now(),
	PRIMARY KEY (plan_id, sheet)
);

-- Every movement: it adds to what is there and to what is reserved.
CREATE TABLE stock_event (
	id bigint PRIMARY KEY GENERATED ALWAYS AS IDENTITY,
	stock_id bigint NOT NULL REFERENCES stock (id),
	kind text NOT NULL CHECK (kind IN ('arrived', 'counted', 'reserved', 'freed', 'cut', 'left')),
	present integer NOT NULL,
	reserved integer NOT NULL,
	plan_id bigint REFERENCES cutting_plan (id),
	author text NOT NULL,
	at timestamptz NOT NULL DEFAULT now()
);
CREATE INDEX stock_event_stock ON stock_event (stock_id, id);

CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON stock_event FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON stock_event EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_changes BEFORE UPDATE OR DELETE ON cutting_sheet FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_emptied BEFORE TRUNCATE ON cutting_sheet EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_gone BEFORE DELETE ON stock FOR EACH ROW EXECUTE FUNCTION never_changes();
CREATE TRIGGER never_gone BEFORE DELETE ON cutting_plan FOR EACH ROW EXECUTE FUNCTION never_changes();
