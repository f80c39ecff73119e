-- Where plants stand that customers bring: no round leads there, and no season plans for it.
alter table site add column counter boolean default false not null;

-- Whoever walks in with a plant; a name or the number is enough.
create table walk_in (
  id uuid primary key,
  number int not null unique,
  customer varchar(120) not null,
  reach varchar(120) not null,
  plant_id uuid not null references plant,
  came_at timestamp(3) with time zone not null,
  -- ASKED, HERE for work, READY to be fetched, or HOME
  status varchar(10) not null,
  promised_on date,
  note varchar(400) not null,
  status_at timestamp(3) with time zone not null,
  version int not null,
  created_by uuid not null references app_user
);
create index walk_in_status on walk_in (status, came_at);
create index walk_in_plant on walk_in (plant_id);

-- What customers pay, in cents; null where nobody said.
alter table team add column work_hour_cents int;
alter table team add column mix_litre_cents int;
alter table team add column work_least_cents int;
