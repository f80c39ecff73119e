-- Steps that are left out with a reason, or have another day.
alter table aftercare_step add column skipped_why varchar(400);
alter table aftercare_step add column was_from date;

-- The page of whoever waters, by an address that ends.
create table care_link (
  id uuid primary key,
  job_id uuid not null references job,
  plant_id uuid not null references plant,
  token varchar(60) not null unique,
  expires_on date not null,
  ended_at timestamp(3) with time zone,
  opened int default 0 not null,
  refused int default 0 not null,
  created_by uuid not null references app_user,
  created_at timestamp(3) with time zone not null
);
create index care_link_job on care_link (job_id);

create table care_report (
  id uuid primary key,
  link_id uuid not null references care_link,
  plant_id uuid not null references plant,
  job_id uuid not null references job,
  words varchar(1000) not null,
  photo_id uuid references photo,
  received_at timestamp(3) with time zone not null,
  answered_at timestamp(3) with time zone,
  answered_by uuid references app_user,
  answer varchar(400)
);
create index care_report_plant on care_report (plant_id, answered_at);

-- What whoever waters has told by that page.
alter table watering add column care_link_id uuid references care_link;
