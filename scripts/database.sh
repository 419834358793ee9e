# A private MariaDB on loopback. All it has lies in one folder; what connects to it is written to FOLDER/db.env.

database_socket() { # a socket path may not pass 107 bytes, however deep the folder lies
  echo "/tmp/upshot-$(printf %s "$1" | sha256sum | cut -c1-16).sock"
}

is_running() { # pid, command name: alive and no zombie (PID 1 of a container may be slow to reap)
  [ "$(cat "/proc/$1/comm" 2>/dev/null)" = "$2" ] && ! grep -q '^State:[[:space:]]*Z' "/proc/$1/status" 2>/dev/null
}

database_alive() { [ -s "$1/database.pid" ] && is_running "$(cat "$1/database.pid")" mariadbd; }

port_is_free() { ! (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() { # the port of last time if it is free, else one below the ephemeral range
  if [ -n "$1" ] && port_is_free "$1"; then echo "$1"; return; fi
  local port
  for _ in $(seq 200); do
    port=$((20000 + RANDOM % 10000))
    if port_is_free $port; then echo $port; return; fi
  done
  echo "No free port was found." >&2
  return 1
}

database_settings() { # folder, port, durable|throw-away
  cat <<TEXT
[mariadbd]
datadir=$1/data
socket=$(database_socket "$1")
pid-file=$1/database.pid
log-error=$1/database.log
tmpdir=$1
bind-address=127.0.0.1
port=$2
skip-name-resolve
skip-log-bin
character-set-server=utf8mb4
collation-server=utf8mb4_unicode_520_ci
default-time-zone=+00:00
max-allowed-packet=64M
performance-schema=OFF
TEXT
  if [ "$(id -u)" = 0 ]; then echo "user=root"; fi
  if [ "$3" = durable ]; then
    printf 'innodb-flush-log-at-trx-commit=1\ninnodb-doublewrite=1\ninnodb-buffer-pool-size=256M\n'
  else
    printf 'innodb-flush-log-at-trx-commit=0\ninnodb-doublewrite=0\ninnodb-flush-method=nosync\n'
    printf 'innodb-buffer-pool-size=64M\ninnodb-log-file-size=16M\ninnodb-buffer-pool-dump-at-shutdown=0\n'
  fi
}

database_sql() { mariadb --no-defaults --socket="$(database_socket "$1")" --user="$(id -un)" "${@:2}"; }

database_start() { # folder, durable|throw-away
  local folder=$1 port
  mkdir -p "$folder"
  chmod 700 "$folder"
  if database_alive "$folder"; then return; fi
  port=$(free_port "$(sed -n 's/^port=//p' "$folder/my.cnf" 2>/dev/null || true)")
  database_settings "$folder" "$port" "$2" >"$folder/my.cnf"
  if [ ! -f "$folder/initialised" ]; then # an interrupted initialisation is begun again
    rm -rf "$folder/data"
    mariadb-install-db --defaults-file="$folder/my.cnf" --auth-root-authentication-method=socket \
      --auth-root-socket-user="$(id -un)" --skip-test-db >"$folder/init.log" 2>&1 || { cat "$folder/init.log" >&2; return 1; }
    touch "$folder/initialised"
  fi
  rm -f "$folder/database.pid"
  setsid mariadbd --defaults-file="$folder/my.cnf" </dev/null >>"$folder/database.log" 2>&1 8>&- 9>&- &
  # Written at once, so that an interruption finds the process; the server writes the same number later.
  echo $! >"$folder/database.pid"
  database_wait "$folder" $!
  database_account "$folder" "$port"
}

database_wait() { # folder, pid
  for _ in $(seq 600); do
    if database_sql "$1" -e 'select 1' >/dev/null 2>&1; then return; fi
    if ! is_running "$2" mariadbd; then
      sleep 0.2
      if ! is_running "$2" mariadbd; then echo "The database ended:" >&2; tail -20 "$1/database.log" >&2; return 1; fi
    fi
    sleep 0.05
  done
  echo "The database was not ready in time:" >&2
  tail -20 "$1/database.log" >&2
  return 1
}

database_account() { # folder, port
  local password
  password=$(sed -n 's/^DB_PASSWORD=//p' "$1/db.env" 2>/dev/null || true)
  if [ -z "$password" ]; then password=$(od -An -N18 -tx1 /dev/urandom | tr -d ' \n'); fi
  database_sql "$1" <<SQL
create database if not exists upshot character set utf8mb4 collate utf8mb4_unicode_520_ci;
create user if not exists 'upshot'@'127.0.0.1' identified by '$password';
alter user 'upshot'@'127.0.0.1' identified by '$password';
grant all on upshot.* to 'upshot'@'127.0.0.1';
SQL
  ( umask 077
    printf 'DB_URL=jdbc:mariadb://127.0.0.1:%s/upshot\nDB_USER=upshot\nDB_PASSWORD=%s\n' "$2" "$password" >"$1/db.env" )
}

database_stop() { # folder
  if ! database_alive "$1"; then return 0; fi
  local pid
  pid=$(cat "$1/database.pid")
  kill -TERM "$pid" # a clean shutdown
  for _ in $(seq 1200); do
    if ! is_running "$pid" mariadbd; then return 0; fi
    sleep 0.05
  done
  echo "The database (process $pid) does not stop." >&2
  return 1
}
