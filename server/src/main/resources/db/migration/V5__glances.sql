-- what leads the call, and whether facts on record were left out; made anew for all plants after this
alter table plant_glance add column reason varchar(600) default '' not null;
alter table plant_glance add column left_out int default 0 not null;
delete from plant_glance;
