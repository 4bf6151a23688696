-- Pictures of pieces, found by the SHA-256 of their bytes.
CREATE TABLE picture (
	sum text PRIMARY KEY,
	type text NOT NULL,
	bytes bytea NOT NULL,
	at timestamptz NOT NULL DEFAULT now()
);
