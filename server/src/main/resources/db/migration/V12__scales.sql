-- the planted pot on the scales at a check, g
alter table plant_check add column weight_g double precision;
