-- Who is reminded of a plant that recovers, until its page ends or they want no more.
create table care_subscriber (
  id uuid primary key,
  link_id uuid not null references care_link,
  name varchar(120) not null,
  email varchar(200) not null,
  zone varchar(60) not null,
  units varchar(10) not null,
  token varchar(60) not null unique,
  -- by which the team reached this server when it was entered
  base varchar(200) not null,
  created_by uuid not null references app_user,
  created_at timestamp(3) with time zone not null,
  ended_at timestamp(3) with time zone,
  -- the last day of their zone whose reminders are written
  written_on date
);
create index care_subscriber_link on care_subscriber (link_id);

-- The queue of what is sent.
create table message (
  id uuid primary key,
  subscriber_id uuid not null references care_subscriber,
  -- of what and of which day: nothing is written twice
  of_key varchar(60) not null,
  kind varchar(20) not null,
  -- of water: amount and interval as they were told
  said varchar(200),
  subject varchar(200) not null,
  body varchar(8000) not null,
  -- WAITING, SENDING, SENT, FAILED, or ENDED before it went
  status varchar(10) not null,
  tries int default 0 not null,
  next_at timestamp(3) with time zone not null,
  written_at timestamp(3) with time zone not null,
  sent_at timestamp(3) with time zone,
  trouble varchar(400),
  unique (subscriber_id, of_key)
);
create index message_status on message (status, next_at);
create index message_written on message (written_at);

-- The team's own words in place of those that come with the app.
create table message_template (
  kind varchar(20) primary key,
  subject varchar(200) not null,
  body varchar(4000) not null,
  version int not null,
  changed_at timestamp(3) with time zone not null,
  changed_by uuid not null references app_user
);
