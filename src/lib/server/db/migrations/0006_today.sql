-- What Today sorts and counts by, and who owns a piece. Plain PostgreSQL.
ALTER TABLE job ADD COLUMN owner text NOT NULL DEFAULT '';
-- What the plan says of it, for the shop that it was planned for: '' until it is planned again.
ALTER TABLE job ADD COLUMN standing text NOT NULL DEFAULT 'between' CHECK (standing IN ('stopped', 'ready', 'between'));
ALTER TABLE job ADD COLUMN planned_for text NOT NULL DEFAULT '';

UPDATE job SET owner = coalesce(job_revision.spec #>> '{piece,owner}', ''),
	words = words || lower(concat_ws(' ', ' ' || (job_revision.spec #>> '{piece,owner}'), job_revision.spec #>> '{piece,year}',
		job_revision.spec #>> '{piece,condition}'))
FROM job_revision WHERE job_revision.job_id = job.id AND job_revision.rev = job.head_rev;

-- What is still to be checked of rows that were written just now would forbid an index.
SET CONSTRAINTS ALL IMMEDIATE;
CREATE INDEX job_standing ON job (standing, wanted, (-number)) WHERE state = 'open';
CREATE INDEX job_planned_for ON job (planned_for, (-number)) WHERE state = 'open';
CREATE INDEX job_ended ON job (state, (-number)) WHERE state IN ('handed-over', 'archived');
