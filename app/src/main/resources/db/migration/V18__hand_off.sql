-- What was said at the hand-off: clips that were read, which take they are of, what a use shows, editors' remarks.
create table hand_off_entry (
    job_id     uuid         not null,
    number     bigint       not null comment 'counts up in its job, from 1',
    id         uuid         not null,
    account_id uuid         null comment 'who said it, with an account',
    said_at    datetime(6)  not null comment 'UTC',
    what       varchar(20)  not null,
    clip_id    uuid         null,
    take_id    uuid         null,
    use_id     uuid         null,
    shot_id    uuid         null,
    words      varchar(200) not null,
    amount     double       not null comment 'a frame, milliseconds since 1970, or 1 and 0',
    remark     varchar(500) not null,
    clips      mediumtext   null comment 'as in the file of a hand-off',
    primary key (job_id, number),
    constraint uq_hand_off_entry_id unique (job_id, id),
    constraint fk_hand_off_entry_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_hand_off_entry_account foreign key (account_id) references account (id) on delete set null
);

-- A way in for an editor: the page of one job and its remarks, and nothing else. The secret is kept as a hash.
create table editor_link (
    job_id      uuid        not null primary key,
    secret_hash varchar(64) not null,
    made_by     uuid        null,
    made_at     datetime(6) not null comment 'UTC',
    expires_at  datetime(6) not null comment 'UTC',
    constraint uq_editor_link_secret unique (secret_hash),
    constraint fk_editor_link_job foreign key (job_id) references job (id) on delete cascade,
    constraint fk_editor_link_account foreign key (made_by) references account (id) on delete set null
);
