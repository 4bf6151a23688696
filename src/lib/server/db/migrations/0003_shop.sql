-- What the shop sets for itself: one list a row, each with the revision that it stands at.
CREATE TABLE shop_list (
	name text PRIMARY KEY,
	rev integer NOT NULL,
	items jsonb NOT NULL,
	at timestamptz NOT NULL DEFAULT now()
);
