-- Whole pieces and metres that a run wanted and that did not lie there: taking back gives back only what was taken. Plain PostgreSQL.
CREATE TABLE stock_missing (
	run_id bigint NOT NULL REFERENCES bench_run (id),
	material text NOT NULL,
	count integer NOT NULL CHECK (count >= 0),
	PRIMARY KEY (run_id, material)
);

-- The name under which whoever orders knows an order before it is sent: sent again under the same name it is the same order.
ALTER TABLE purchase ADD COLUMN sent_as text UNIQUE;
-- Written before the supplier is asked: until it answers nothing is ordered, and no list shows it.
ALTER TABLE purchase ADD COLUMN ordered boolean NOT NULL DEFAULT true;
