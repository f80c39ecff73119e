-- how wide a plant spreads is measured at a visit as well
alter table plant_check add column spread_mm double precision;
-- a plant that was entered twice: this one was taken into that
alter table plant add column merged_into uuid references plant;
