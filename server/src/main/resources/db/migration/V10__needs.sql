-- what a job needs of pots, media, tools, people and minutes, for the mix room, the load and the season
create table job_need (
  job_id uuid not null references job,
  position int not null,
  kind varchar(20) not null,
  code varchar(80) not null,
  amount double precision not null,
  unit varchar(10) not null,
  primary key (job_id, position)
);
create index job_need_kind on job_need (kind, code);
