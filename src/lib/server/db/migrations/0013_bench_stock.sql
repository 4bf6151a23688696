-- What steps at the bench took from stock: of a material so many pieces or metres by each step of a run. Plain PostgreSQL.
CREATE TABLE bench_taken (
	run_id bigint NOT NULL REFERENCES bench_run (id),
	step text NOT NULL,
	material text NOT NULL,
	amount double precision NOT NULL CHECK (amount > 0),
	PRIMARY KEY (run_id, step, material)
);

-- Stock is counted in whole pieces and metres: what of one was taken beyond those that are counted off.
CREATE TABLE stock_part (
	material text PRIMARY KEY,
	amount double precision NOT NULL DEFAULT 0 CHECK (amount > -0.001 AND amount < 1)
);
