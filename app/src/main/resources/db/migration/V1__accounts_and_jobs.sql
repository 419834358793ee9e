-- Who may sign in, whose job is whose, and every edit that was ever confirmed.
create table account (
    id            uuid         not null,
    email         varchar(200) not null comment 'lower case, the sign-in name',
    display_name  varchar(80)  not null,
    password_hash varchar(200) not null,
    created_at    datetime(6)  not null comment 'UTC',
    primary key (id),
    constraint uq_account_email unique (email)
);

create table job (
    id         uuid        not null,
    owner_id   uuid        not null,
    version    bigint      not null comment 'number of the newest revision',
    created_at datetime(6) not null comment 'UTC',
    changed_at datetime(6) not null comment 'UTC',
    primary key (id),
    constraint fk_job_owner foreign key (owner_id) references account (id)
);
create index ix_job_owner on job (owner_id, changed_at);

create table revision (
    job_id     uuid         not null,
    version    bigint       not null,
    account_id uuid         not null,
    made_at    datetime(6)  not null comment 'UTC',
    label      varchar(200) not null comment 'what was done, for the undo button',
    undoes     bigint       null comment 'version of the edit that this one takes back',
    redoes     bigint       null comment 'version of the undo that this one takes back',
    changes    mediumtext   not null comment 'JSON list of single steps',
    primary key (job_id, version),
    constraint fk_revision_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_revision_account foreign key (account_id) references account (id)
);
create index ix_revision_person on revision (job_id, account_id, version);

-- A code that was given once stays with its shot for good, even when the shot is removed.
create table shot_code (
    job_id  uuid       not null,
    code    varchar(8) not null,
    shot_id uuid       not null,
    primary key (job_id, code),
    constraint fk_shot_code_job foreign key (job_id) references job (id) on delete cascade
);

create table sign_in_failure (
    id      bigint       not null auto_increment,
    subject varchar(220) not null comment 'account:… or address:…',
    at      datetime(6)  not null comment 'UTC',
    primary key (id)
);
create index ix_sign_in_failure_subject on sign_in_failure (subject, at);
