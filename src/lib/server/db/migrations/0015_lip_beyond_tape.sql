-- The lip's cover over an edge seal follows from its tape on the face; the figure that said it is no house figure any more. Plain PostgreSQL.
UPDATE shop_list
SET items = (SELECT coalesce(jsonb_agg(one), '[]'::jsonb) FROM jsonb_array_elements(items) AS one WHERE one ->> 'figure' <> 'lipCoverSealed')
WHERE name = 'house';
