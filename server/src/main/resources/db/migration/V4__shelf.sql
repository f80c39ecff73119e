-- pots in stock, by make; each is free, or reserved by an open job
create table shelf_pot (
  id uuid primary key,
  name varchar(120) not null,
  -- GROW or COVER
  kind varchar(10) not null,
  shape varchar(20) not null,
  material varchar(20) not null,
  top_mm double precision not null,
  base_mm double precision not null,
  top_depth_mm double precision,
  base_depth_mm double precision,
  height_mm double precision not null,
  mouth_mm double precision,
  foot_mm double precision not null,
  mass_g double precision not null,
  drain_holes int not null,
  feet int not null,
  wire_holes int not null,
  in_stock int not null check (in_stock >= 0),
  low_at int not null,
  price_cents int,
  note varchar(400) not null,
  removed_at timestamp(3) with time zone,
  version int not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user
);

-- the pot a job has reserved, and how many of it
alter table job add column shelf_pot_id uuid references shelf_pot;
alter table job add column pot_count int default 0 not null;
-- what a person wants done otherwise than the rules would plan it, as JSON
alter table job add column wish clob;
-- the advice in the other units, so that everybody reads a job in their own; advice is the metric one
alter table job add column advice_imperial clob;
alter table job add column minutes_ruled int;
alter table job add column minutes_taken int;
-- SHELF, WASTE or CLIENT
alter table job add column old_pot varchar(10);
-- front and angle of a trained tree
alter table job add column front varchar(200);
alter table job add column angle_degrees double precision;
-- when the slip showed it: it counts for the plant like what a check sees
alter table job_found add column found_on date;
alter table job_found add column found_at timestamp(3) with time zone;
update job_found f set found_at = (select j.changed_at from job j where j.id = f.job_id);
update job_found set found_on = cast(found_at as date);
alter table job_found alter column found_on set not null;
alter table job_found alter column found_at set not null;
create index job_shelf_pot on job (shelf_pot_id);
create index job_status on job (status, done_on);

-- the root ball as last measured, and what feed went in
alter table plant add column ball_top_mm double precision;
alter table plant add column ball_base_mm double precision;
alter table plant add column ball_top_depth_mm double precision;
alter table plant add column ball_base_depth_mm double precision;
alter table plant add column ball_height_mm double precision;
alter table plant add column ball_measured_on date;
alter table plant add column pot_feet int default 0 not null;
alter table plant add column pot_wire_holes int default 0 not null;
alter table plant add column feed_kind varchar(20);
alter table plant add column feed_grams double precision;
alter table plant add column feed_hold_until date;
alter table plant add column parent_id uuid references plant;

alter table photo add column job_id uuid;
create index photo_job on photo (job_id);
