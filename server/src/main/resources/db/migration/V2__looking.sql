alter table client add column version int default 1 not null;
alter table site add column version int default 1 not null;
alter table spot add column version int default 1 not null;

-- a species that is not in the book takes this group's values
alter table plant add column species_group varchar(30);
-- everything a plant is found by, in lower case: label, names, spot, site, client
alter table plant add column search_text varchar(1000) default '' not null;
alter table plant add column retired_reason varchar(400);
create index plant_name on plant (common_name, label);
update plant p set search_text = (
  select lower(p.label || ' ' || p.common_name || ' ' || p.species || ' ' || s.name || ' ' || t.name || ' ' || c.name)
  from spot s join site t on t.id = s.site_id join client c on c.id = t.client_id where s.id = p.spot_id);

alter table plant_check add column height_mm double precision;

-- a line of evidence that somebody does not let count
create table evidence_aside (
  id uuid primary key,
  plant_id uuid not null references plant,
  sign varchar(60) not null,
  reason varchar(400) not null,
  -- false: until the sign is looked at again
  always boolean not null,
  -- checks up to here are argued with: a device's clock may run ahead of the server's
  covers timestamp(3) with time zone not null,
  user_id uuid not null references app_user,
  at timestamp(3) with time zone not null,
  set_on date not null,
  ended_at timestamp(3) with time zone,
  ended_by uuid references app_user,
  ended_why varchar(200)
);
create index aside_plant on evidence_aside (plant_id);

-- a call that somebody put in place of the rules' own
create table call_overrule (
  id uuid primary key,
  plant_id uuid not null references plant,
  action varchar(30) not null,
  urgency varchar(20),
  recheck_days int,
  reason varchar(400) not null,
  rules_action varchar(30) not null,
  user_id uuid not null references app_user,
  at timestamp(3) with time zone not null,
  set_on date not null,
  ended_at timestamp(3) with time zone,
  ended_by uuid references app_user,
  ended_why varchar(200)
);
create index overrule_plant on call_overrule (plant_id);

-- target: empty for the team, a client's or plant's id, or a group's code
create table method_choice (
  scope varchar(10) not null,
  target varchar(40) not null,
  choice_key varchar(30) not null,
  choice varchar(40) not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user,
  primary key (scope, target, choice_key)
);

-- the team's own entries, in place of the shipped ones or besides them; cells as JSON by column
create table species_edit (
  name varchar(120) primary key,
  cells clob not null,
  version int not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user
);

-- the picture itself lies in the data folder under its id
create table photo (
  id uuid primary key,
  plant_id uuid not null references plant,
  check_id uuid,
  taken_on date not null,
  caption varchar(200) not null,
  width int not null,
  height int not null,
  bytes int not null,
  user_id uuid not null references app_user,
  received_at timestamp(3) with time zone not null,
  removed_at timestamp(3) with time zone
);
create index photo_plant on photo (plant_id, taken_on desc);

create table job_outcome (
  job_id uuid primary key references job,
  plant_id uuid not null references plant,
  result varchar(20) not null,
  first_growth_on date,
  note varchar(400) not null,
  user_id uuid not null references app_user,
  at timestamp(3) with time zone not null
);
create index outcome_plant on job_outcome (plant_id);

-- what lists show of each plant; made anew when the plant, the day, the book or the method changes
create table plant_glance (
  plant_id uuid primary key references plant,
  as_of date not null,
  basis varchar(120) not null,
  action varchar(30) not null,
  urgency varchar(20) not null,
  saucer varchar(20) not null,
  -- 0 presses most
  pressing int not null,
  root_fill double precision,
  water_left double precision,
  due_from date,
  due_to date,
  recheck_on date
);
create index glance_saucer on plant_glance (saucer);
create index glance_pressing on plant_glance (pressing);
