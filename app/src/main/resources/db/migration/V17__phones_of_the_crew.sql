-- Phones without an account: a code of the day admits them, and each gets a key of its own. Codes and keys are kept as hashes.
create table crew_code (
    job_id      uuid        not null primary key,
    secret_hash varchar(64) not null,
    made_by     uuid        null,
    made_at     datetime(6) not null comment 'UTC',
    constraint uq_crew_code_secret unique (secret_hash),
    constraint fk_crew_code_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_crew_code_account foreign key (made_by) references account (id) on delete set null
);

create table crew_phone (
    id            uuid        not null primary key,
    job_id        uuid        not null,
    key_hash      varchar(64) not null,
    name          varchar(40) not null comment 'what its owner calls it',
    admitted_at   datetime(6) not null comment 'UTC',
    seen_at       datetime(6) not null comment 'UTC, to the minute',
    taken_back_at datetime(6) null comment 'UTC',
    constraint uq_crew_phone_key unique (key_hash),
    constraint fk_crew_phone_job foreign key (job_id) references job (id) on delete cascade
);

alter table log_entry
    modify account_id uuid null comment 'who sent it, with an account',
    add crew_phone_id uuid null comment 'which phone of the crew sent it' after account_id,
    add constraint fk_log_entry_crew_phone foreign key (crew_phone_id) references crew_phone (id) on delete set null;

-- Entries that came when their phone's way in had ended: they count when somebody says so.
create table log_apart (
    job_id        uuid        not null,
    id            uuid        not null,
    crew_phone_id uuid        not null,
    received_at   datetime(6) not null comment 'UTC',
    entry         text        not null comment 'as in the file of a log',
    primary key (job_id, id),
    constraint fk_log_apart_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_log_apart_phone foreign key (crew_phone_id) references crew_phone (id) on delete cascade
);
