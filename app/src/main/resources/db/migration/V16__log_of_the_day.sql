-- The log of the day, as phones made it. No line is ever changed: what was wrong is corrected by a line of its own.
create table log_entry (
    job_id       uuid         not null,
    number       bigint       not null comment 'counts up in its job as entries arrive',
    id           uuid         not null comment 'made on the phone, so that it can be sent again',
    phone_id     uuid         not null,
    phone_number int          not null comment 'counts up on the phone',
    account_id   uuid         not null comment 'who sent it',
    received_at  datetime(6)  not null comment 'UTC',
    at_ms        bigint       not null comment 'the clock of the phone, ms since 1970',
    offset_ms    bigint       not null comment 'to be added for the clock of the server',
    what         varchar(20)  not null,
    of_id        uuid         null comment 'the entry it speaks of',
    about_id     uuid         null comment 'shot, action or person; may be gone from the plan',
    body_id      uuid         null comment 'the camera',
    detail       varchar(200) not null,
    amount       double       not null,
    words        varchar(200) not null,
    turns        text         null comment 'of another order: shots and times, as in the file of a log',
    primary key (job_id, number),
    constraint uq_log_entry_id unique (job_id, id),
    constraint fk_log_entry_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_log_entry_account foreign key (account_id) references account (id)
);
create index ix_log_entry_person on log_entry (account_id, received_at);
