-- What people say to each other about a job and its shots. No line is ever changed: what is taken back is a line of its own.
create table remark (
    job_id     uuid         not null,
    number     bigint       not null comment 'counts up in its job',
    id         uuid         not null comment 'made where it was written, so that it can be sent again',
    account_id uuid         not null,
    said_at    datetime(6)  not null comment 'UTC',
    shot_id    uuid         null comment 'what it is about; the whole job where there is none',
    takes_back uuid         null comment 'the remark that this line takes back',
    words      varchar(500) not null,
    primary key (job_id, number),
    constraint uq_remark_id unique (job_id, id),
    constraint fk_remark_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_remark_account foreign key (account_id) references account (id)
);
create index ix_remark_person on remark (account_id, said_at);
