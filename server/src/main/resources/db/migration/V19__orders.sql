-- Pots on their way, and the jobs that wait for them.
create table pot_order (
  id uuid primary key,
  shelf_pot_id uuid not null references shelf_pot,
  supplier varchar(120) not null,
  amount int not null,
  received int not null,
  ordered_on date not null,
  due_on date not null,
  ended_on date,
  note varchar(400) not null,
  version int not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user
);
create index pot_order_due on pot_order (ended_on, due_on);

alter table season_job add column order_id uuid references pot_order;
create index season_job_order on season_job (order_id);
