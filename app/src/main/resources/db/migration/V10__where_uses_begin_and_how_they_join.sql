-- Where in a shot a use begins, how long the transition into it lasts, and which way a camera moves.
alter table plan_use
    add column in_s        double null comment 'within the shot''s clean seconds' after frame_step,
    add column join_frames int    not null default 0 after in_s;

alter table plan_shot
    add column move_back boolean not null default false comment 'to the left, or down' after move;
