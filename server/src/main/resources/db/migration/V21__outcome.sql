-- What was measured when it was told how a plant took its repot, and the method the repot was planned by, as JSON.
alter table job_outcome add column leaf_loss varchar(10);
alter table job_outcome add column height_mm double precision;
alter table job_outcome add column method clob;
