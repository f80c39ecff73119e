-- the call was made anew, and the work that follows from it not yet
alter table plant_glance add column work_waits boolean default false not null;
