-- the case that a job's advice answers, method in force and pots included: it is answered anew when the job is moved
alter table job add column asked clob;

-- by what a step is known when it is said anew; its words come with the advice
alter table job_step add column step_key varchar(80) default 'as.written' not null;
alter table job_step drop column text;

-- a step of aftercare as a message, said in the units of whoever reads it
alter table aftercare_step add column said clob;
