-- The mix room: one row, kept from changing while its stock is written.
create table mix_room (
  id int primary key,
  scoop_litres double precision not null,
  bucket_litres double precision not null,
  version int not null
);
insert into mix_room (id, scoop_litres, bucket_litres, version) values (1, 0.5, 10, 1);

-- How an ingredient is bought.
create table mix_item (
  code varchar(40) primary key,
  bag_litres double precision,
  bag_cents int,
  supplier varchar(120) not null,
  version int not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user
);

-- What came of an ingredient at once.
create table mix_lot (
  id uuid primary key,
  code varchar(40) not null,
  name varchar(60) not null,
  came_on date not null
);
create index mix_lot_code on mix_lot (code, came_on);

create table batch (
  id uuid primary key,
  number int not null unique,
  made_on date not null,
  note varchar(400) not null,
  made_at timestamp(3) with time zone not null,
  made_by uuid not null references app_user
);

-- What was mixed, with the recipe as it was then.
create table batch_mix (
  batch_id uuid not null references batch,
  mix varchar(40) not null,
  label varchar(120) not null,
  needed double precision not null,
  litres double precision not null,
  recipe varchar(1000) not null,
  primary key (batch_id, mix)
);

-- For whom: litres of the batch that a job is to get.
create table batch_job (
  batch_id uuid not null references batch,
  job_id uuid not null references job,
  mix varchar(40) not null,
  litres double precision not null,
  primary key (job_id, mix)
);
create index batch_job_batch on batch_job (batch_id);

-- Every change of stock: what stands there is their sum.
create table mix_move (
  id uuid primary key,
  -- INGREDIENT or MIX
  kind varchar(10) not null,
  code varchar(40) not null,
  litres double precision not null,
  -- RECEIVED, COUNTED, SPOILT, BATCH or JOB
  why varchar(10) not null,
  lot_id uuid references mix_lot,
  batch_id uuid references batch,
  job_id uuid references job,
  note varchar(400) not null,
  moved_at timestamp(3) with time zone not null,
  moved_by uuid not null references app_user
);
create index mix_move_code on mix_move (kind, code);
create index mix_move_lot on mix_move (lot_id);
create index mix_move_batch on mix_move (batch_id);
create index mix_move_job on mix_move (job_id);

-- The team's own rows of ingredients and mixes, in place of the shipped ones or besides them.
create table medium_edit (
  -- INGREDIENT or MIX
  kind varchar(10) not null,
  code varchar(40) not null,
  cells varchar(4000) not null,
  version int not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user,
  primary key (kind, code)
);

-- A mix saturated in a vessel, drained and weighed; it speaks for the recipe it was made with.
create table bucket_test (
  id uuid primary key,
  mix varchar(40) not null,
  recipe varchar(1000) not null,
  tested_on date not null,
  top_mm double precision not null,
  base_mm double precision not null,
  height_mm double precision not null,
  dry_g double precision not null,
  wet_g double precision not null,
  drained_litres double precision not null,
  drained_minutes int not null,
  note varchar(400) not null,
  voided_at timestamp(3) with time zone,
  tested_at timestamp(3) with time zone not null,
  tested_by uuid not null references app_user
);
create index bucket_test_mix on bucket_test (mix, tested_on);

-- Bags of an ingredient are ordered like pots: one of the two.
alter table pot_order alter column shelf_pot_id drop not null;
alter table pot_order add column ingredient varchar(40);
