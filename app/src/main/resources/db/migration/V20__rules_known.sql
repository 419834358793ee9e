-- Jobs from before the rules were rewritten: their owners are told once what differs.
alter table job
    add column rules_known int not null default 1 comment 'edition of the rules that its owner knows of';
