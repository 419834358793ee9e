-- Jobs can be shared, put away and thrown away; an account keeps kits to copy into jobs.
alter table job
    add column archived_at datetime(6) null comment 'UTC',
    add column deleted_at  datetime(6) null comment 'UTC, gone for good a while later';

create table job_member (
    job_id     uuid        not null,
    account_id uuid        not null,
    added_at   datetime(6) not null comment 'UTC',
    primary key (job_id, account_id),
    constraint fk_job_member_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_job_member_account foreign key (account_id) references account (id) on delete cascade
);

create table kit_template (
    id         uuid        not null,
    account_id uuid        not null,
    name       varchar(60) not null,
    records    mediumtext  not null comment 'JSON list of kit records',
    primary key (id),
    constraint uq_kit_template_name unique (account_id, name),
    constraint fk_kit_template_account foreign key (account_id) references account (id) on delete cascade
);
