-- a person may be asked in with a code, and may have left
alter table app_user add column ended_at timestamp(3) with time zone;
alter table app_user add column code_hash varchar(64);
alter table app_user add column code_until timestamp(3) with time zone;

-- what a team settles once for everybody
alter table team add column currency varchar(3) default 'EUR' not null;
alter table team add column paper varchar(10) default 'A4' not null;
alter table team add column units varchar(10) default 'METRIC' not null;
alter table team add column week_starts int default 1 not null;
alter table team add column workshop_latitude double precision;
alter table team add column workshop_longitude double precision;
alter table team add column version int default 1 not null;

create table caretaker_measure (
  position int primary key,
  name varchar(40) not null,
  litres double precision not null
);
insert into caretaker_measure (position, name, litres) values (0, 'cup', 0.25);
insert into caretaker_measure (position, name, litres) values (1, 'bottle', 0.75);
insert into caretaker_measure (position, name, litres) values (2, 'can', 5);
