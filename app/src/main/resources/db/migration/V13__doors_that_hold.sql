-- An edit carries an id made by its page: sent again, because its answer was lost, it is found and not done twice.
alter table revision
    add column edit_id uuid          null comment 'made by the page',
    add column shown   varchar(2000) not null default '{}' comment 'JSON: what the page selects after the edit',
    add constraint uq_revision_edit unique (job_id, edit_id);

-- Who owns the installation is written down, not worked out from who came first. Somebody who left keeps a row without a
-- name, so that what they did in others' jobs still has an author. An address is itself, to the letter.
alter table account
    modify column email varchar(200) character set utf8mb4 collate utf8mb4_bin not null comment 'lower case, the sign-in name',
    add column owner   tinyint     null comment '1 for the one owner, else null',
    add column left_at datetime(6) null comment 'UTC, when the account was taken away',
    add constraint uq_account_owner unique (owner);
update account set owner = 1 where id = (select first.id from (select id from account order by created_at, id limit 1) as first);

alter table kit_template
    modify column name varchar(60) character set utf8mb4 collate utf8mb4_bin not null;

-- Tries to sign in, counted before the password is looked at.
drop table sign_in_failure;
create table sign_in_try (
    subject varchar(300) character set utf8mb4 collate utf8mb4_bin not null comment 'where from and whose account',
    tries   int         not null,
    last_at datetime(6) not null comment 'UTC',
    primary key (subject)
);
create index ix_sign_in_try_last on sign_in_try (last_at);

-- Browsers from which somebody has signed in before.
create table known_device (
    secret_hash char(64)    not null comment 'SHA-256 of what the cookie holds',
    account_id  uuid        not null,
    seen_at     datetime(6) not null comment 'UTC',
    primary key (secret_hash),
    constraint fk_known_device_account foreign key (account_id) references account (id) on delete cascade
);

-- Links with which somebody who forgot their password chooses another, once.
create table one_time_link (
    secret_hash char(64)    not null comment 'SHA-256 of what the link holds',
    account_id  uuid        not null,
    expires_at  datetime(6) not null comment 'UTC',
    primary key (secret_hash),
    constraint fk_one_time_link_account foreign key (account_id) references account (id) on delete cascade
);

-- With whom a job is shared, by address, until whoever it is comes by: asking does not tell who has an account.
create table job_invitation (
    job_id     uuid         not null,
    email      varchar(200) character set utf8mb4 collate utf8mb4_bin not null comment 'lower case',
    invited_at datetime(6)  not null comment 'UTC',
    primary key (job_id, email),
    constraint fk_job_invitation_job foreign key (job_id) references job (id) on delete cascade
);
create index ix_job_invitation_email on job_invitation (email);
