-- who works together, with which van
create table crew (
  id uuid primary key,
  name varchar(80) not null,
  van_litres int not null,
  van_kg int not null,
  skills varchar(200) default '' not null,
  ended_on date,
  -- whoever knows it reads the crew's calendar; null where nobody may
  feed_token varchar(60),
  position int not null,
  version int default 1 not null
);
create unique index crew_feed on crew (feed_token);

create table crew_person (
  id uuid primary key,
  crew_id uuid not null references crew,
  name varchar(120) not null,
  -- the account of whoever it is, where there is one
  user_id uuid references app_user,
  position int not null
);
create index crew_person_crew on crew_person (crew_id);

create table crew_hours (
  crew_id uuid not null references crew,
  weekday int not null,
  begins varchar(5) not null,
  ends varchar(5) not null,
  primary key (crew_id, weekday)
);

create table absence (
  id uuid primary key,
  person_id uuid not null references crew_person,
  from_on date not null,
  to_on date not null,
  reason varchar(200) not null
);
create index absence_person on absence (person_id);

-- how one gets up there, and how long it takes to leave the van
alter table site add column floors varchar(10) default 'GROUND' not null;
alter table site add column parking_minutes int default 5 not null;
alter table client add column feed_token varchar(60);
create unique index client_feed on client (feed_token);

-- what weighs how much in a plan, in the words of the team: minutes of travel that each is worth
create table season_weight (
  code varchar(20) primary key,
  minutes int not null
);

-- one thing that a plant asks for in a season, and where it stands in the plan
create table season_job (
  id uuid primary key,
  plant_id uuid not null references plant,
  -- which of the plant's it is: the same work is known again by it
  work_key varchar(60) not null,
  kind varchar(20) not null,
  -- SITE, or of work on the bench: COLLECT, BENCH and RETURN
  place varchar(10) not null,
  action varchar(30) not null,
  urgency varchar(20) not null,
  -- CALL, FORECAST, CARE or HAND
  source varchar(10) not null,
  -- OPEN, DONE, DROPPED by a person, or ENDED since nothing asks for it any more
  status varchar(10) not null,
  -- the repot with its pot, once it is scheduled
  job_id uuid references job,
  aftercare_step_id uuid references aftercare_step,
  after_id uuid references season_job,
  after_from int,
  after_to int,
  from_on date not null,
  to_on date not null,
  ideal_on date not null,
  minutes int not null,
  people int not null,
  skills varchar(200) not null,
  litres double precision not null,
  grams double precision not null,
  to_order boolean not null,
  -- the day on which what is wanting comes; null where nobody said
  material_on date,
  material_never boolean default false not null,
  held varchar(4000),
  why varchar(4000) not null,
  -- what came in its way, or moved it
  note varchar(1000) default '' not null,
  planned_on date,
  lead_id uuid references crew,
  helper_id uuid references crew,
  pinned boolean default false not null,
  overruled varchar(400),
  published_on date,
  published_lead uuid references crew,
  published_helper uuid references crew,
  -- of its calendar entry
  sequence int default 0 not null,
  done_on date,
  taken int,
  version int default 1 not null,
  changed_at timestamp(3) with time zone not null
);
create index season_job_plant on season_job (plant_id, status);
create index season_job_day on season_job (status, planned_on);
create index season_job_job on season_job (job_id);

-- a search for a plan, and the best it has found so far
create table season_run (
  id uuid primary key,
  number bigint generated always as identity,
  kind varchar(10) not null,
  title varchar(200) not null,
  -- what is otherwise than it is, of a question what if
  otherwise varchar(4000),
  status varchar(10) not null,
  seconds int not null,
  spent_ms bigint default 0 not null,
  asked_at timestamp(3) with time zone not null,
  asked_by uuid not null references app_user,
  -- what it found, by rule and by job, as it is shown
  outcome clob,
  version int default 1 not null
);
create table season_run_slot (
  run_id uuid not null references season_run,
  season_job_id uuid not null references season_job,
  planned_on date not null,
  lead_id uuid not null references crew,
  helper_id uuid references crew,
  primary key (run_id, season_job_id)
);

-- what one act changed in the plan, so that it can be taken back
create table season_change (
  id uuid primary key,
  number bigint generated always as identity,
  at timestamp(3) with time zone not null,
  user_id uuid not null references app_user,
  words varchar(400) not null,
  taken_back boolean default false not null
);
create table season_change_job (
  change_id uuid not null references season_change,
  season_job_id uuid not null references season_job,
  before_on date,
  before_lead uuid,
  before_helper uuid,
  before_pinned boolean not null,
  after_on date,
  after_lead uuid,
  after_helper uuid,
  after_pinned boolean not null,
  primary key (change_id, season_job_id)
);

-- days on which one gets in for work, where they are others than those of the visits
create table site_access_day (
  site_id uuid not null references site,
  weekday int not null,
  opens varchar(5),
  closes varchar(5),
  primary key (site_id, weekday)
);

-- what a season asks for is made with the calls: all are made anew after this
delete from plant_glance;
