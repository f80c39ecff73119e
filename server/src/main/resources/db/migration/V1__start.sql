-- Lengths in mm, masses in g, volumes in L. Ids are made by the client.
create table team (
  id int primary key,
  name varchar(120) not null,
  zone varchar(60) not null,
  demo boolean not null
);

create table app_user (
  id uuid primary key,
  account varchar(60) not null unique,
  name varchar(120) not null,
  role varchar(20) not null,
  units varchar(10) not null,
  password_hash varchar(200) not null,
  created_at timestamp(3) with time zone not null
);

create table client (
  id uuid primary key,
  name varchar(160) not null
);

create table site (
  id uuid primary key,
  client_id uuid not null references client,
  name varchar(160) not null,
  latitude double precision not null,
  longitude double precision not null,
  outdoors boolean not null,
  site_use varchar(20) not null,
  access_note varchar(400) not null,
  visit_weekday int not null,
  round_order int not null
);
create index site_weekday on site (visit_weekday);

create table spot (
  id uuid primary key,
  site_id uuid not null references site,
  name varchar(160) not null,
  light varchar(20) not null
);
create index spot_site on spot (site_id);

create table plant (
  id uuid primary key,
  label varchar(20) not null unique,
  spot_id uuid not null references spot,
  species varchar(120) not null,
  common_name varchar(120) not null,
  height_mm double precision not null,
  spread_mm double precision not null,
  size_wish varchar(10) not null,
  last_repotted date,
  mix varchar(40),
  fed boolean,
  waterer_habit varchar(10) not null,
  pot_shape varchar(20) not null,
  pot_material varchar(20) not null,
  pot_top_mm double precision not null,
  pot_base_mm double precision not null,
  pot_height_mm double precision not null,
  pot_foot_mm double precision,
  pot_mass_g double precision,
  pot_holes int not null,
  in_cover_pot boolean not null,
  note varchar(1000) not null,
  retired_on date,
  version int not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user
);
create index plant_spot on plant (spot_id);
create index plant_species on plant (species);

create table plant_state (
  plant_id uuid not null references plant,
  code varchar(40) not null,
  since date not null,
  primary key (plant_id, code)
);

create table visit (
  id uuid primary key,
  site_id uuid not null references site,
  visited_on date not null,
  user_id uuid not null references app_user,
  unique (site_id, visited_on, user_id)
);

create table plant_check (
  id uuid primary key,
  plant_id uuid not null references plant,
  visit_id uuid not null references visit,
  user_id uuid not null references app_user,
  checked_at timestamp(3) with time zone not null,
  checked_on date not null,
  minutes double precision,
  note varchar(1000) not null,
  action varchar(30) not null,
  urgency varchar(20) not null,
  -- when the call of this check asked to look again
  recheck_on date,
  voided_at timestamp(3) with time zone,
  received_at timestamp(3) with time zone not null
);
create index check_plant on plant_check (plant_id, checked_at desc);

create table check_sign (
  check_id uuid not null references plant_check,
  code varchar(40) not null,
  state varchar(20) not null,
  grade varchar(10),
  amount double precision,
  primary key (check_id, code)
);

create table watering (
  id uuid primary key,
  plant_id uuid not null references plant,
  watered_on date not null,
  litres double precision not null,
  run_off_litres double precision not null,
  user_id uuid not null references app_user,
  received_at timestamp(3) with time zone not null
);
create index watering_plant on watering (plant_id, watered_on desc);

create table job (
  id uuid primary key,
  plant_id uuid not null references plant,
  kind varchar(20) not null,
  action varchar(30) not null,
  urgency varchar(20) not null,
  status varchar(20) not null,
  window_from date not null,
  window_to date not null,
  planned_on date not null,
  minutes int not null,
  pot_id varchar(60),
  -- the advice as given, with its book version; later rules never rewrite it
  advice clob not null,
  book_version varchar(60) not null,
  done_on date,
  done_by uuid references app_user,
  version int not null,
  created_at timestamp(3) with time zone not null,
  created_by uuid not null references app_user,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user
);
create index job_planned on job (planned_on);
create index job_plant on job (plant_id);

create table job_step (
  job_id uuid not null references job,
  position int not null,
  phase varchar(20) not null,
  text varchar(1000) not null,
  ticked_at timestamp(3) with time zone,
  ticked_by uuid references app_user,
  primary key (job_id, position)
);

create table job_found (
  job_id uuid not null references job,
  code varchar(40) not null,
  state varchar(20) not null,
  grade varchar(10),
  amount double precision,
  primary key (job_id, code)
);

create table aftercare_step (
  id uuid primary key,
  job_id uuid not null references job,
  plant_id uuid not null references plant,
  position int not null,
  from_on date not null,
  to_on date not null,
  kind varchar(20) not null,
  who varchar(20) not null,
  text varchar(1000) not null,
  done_on date,
  done_by uuid references app_user
);
create index aftercare_plant on aftercare_step (plant_id, from_on);

create table aftercare_week (
  job_id uuid not null references job,
  week int not null,
  from_on date not null,
  every_days double precision,
  litres double precision not null,
  primary key (job_id, week)
);

-- who changed what and when, whatever was changed
create table change_log (
  id bigint generated always as identity primary key,
  entity varchar(30) not null,
  entity_id uuid not null,
  at timestamp(3) with time zone not null,
  user_id uuid not null references app_user,
  what varchar(4000) not null
);
create index change_entity on change_log (entity_id, at desc);

-- one row per write that came with an id of its own: the same write twice does nothing twice
create table write_receipt (
  id uuid primary key,
  body_hash varchar(64) not null,
  at timestamp(3) with time zone not null
);
