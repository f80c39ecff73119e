-- what came in the way of a job is kept as a message, said in the units of whoever reads it
alter table job alter column note varchar(8000);
