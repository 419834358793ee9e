# Builds, starts and stops the application together with its database. One folder a mode: .data/demo, .data/own.
# FOLDER/lock is held by the script that serves; FOLDER/address says where, once it does.

JAR=app/target/upshot-lane.jar

own_folder() { # names a folder of somebody else instead of touching it
  local folder
  for folder in "$ROOT/.data" "$1"; do
    if [ -e "$folder" ] && [ ! -O "$folder" ]; then
      fail "The data folder $folder belongs to $(stat -c %U "$folder"). Nothing was changed."
    fi
  done
}

# Folders count too: a file that was renamed or removed is no newer itself.
build() {
  if [ -f "$JAR" ] && [ -z "$(find pom.xml day day-browser core exchange app -newer "$JAR" -not -path '*/target*' -not -path '*/src/test/*' -print -quit)" ]; then
    return
  fi
  say "Building (some minutes the first time, while libraries are fetched)"
  rm -f "$JAR"
  mvn -B -ntp -q -DskipTests package 8>&- 9>&-
}

# The jar unpacked starts in less time than the jar itself.
unpack() { # folder
  local stamp
  stamp=$(sha256sum "$JAR" | cut -c1-12)
  if [ "$(cat "$1/app/stamp" 2>/dev/null)" != "$stamp" ]; then
    rm -rf "$1/app"
    mkdir -p "$1/app"
    java -Djarmode=tools -jar "$JAR" extract --destination "$1/app" >/dev/null
    echo "$stamp" >"$1/app/stamp"
  fi
}

serve() { # demo|own
  local mode=$1 folder=$ROOT/.data/$1
  own_folder "$folder"
  need_packages "${FOR_BUILDING[@]}" "${FOR_THE_DATABASE[@]}"
  mkdir -p "$folder"
  exec 8>"$folder/lock"
  if ! flock -n 8; then
    await_running "$folder"
    return
  fi
  rm -f "$folder/address"
  stop_leftovers "$folder"
  SERVED=$folder
  trap 'stop_all "$SERVED"' EXIT
  trap 'exit 130' INT
  trap 'exit 143' TERM HUP
  echo $$ >"$folder/script.pid"
  build
  unpack "$folder"
  say "Starting the database"
  database_start "$folder" durable
  refuse_newer "$folder"
  keep_before_changes "$folder"
  say_when_full "$folder"
  say "Starting the application"
  run_application "$mode" "$folder"
}

say_when_full() { # folder
  local free
  free=$(df -Pm "$1" | awk 'NR == 2 { print $4 }')
  if [ "$free" -lt 1024 ]; then
    say "Only $free MB are free on the disk of $1. Below 100 MB edits may be refused; make room soon."
  fi
}

await_running() { # folder
  for _ in $(seq 600); do
    if [ -s "$1/address" ]; then
      say "Already running: $(cat "$1/address")"
      return
    fi
    sleep 1
  done
  fail "Another ./upshot works in $1 but does not come to an end. ./upshot stop ends it."
}

# Begins a process and writes its number down; the address is said when it answers.
launch() { # mode, folder, port
  local profile= cards=
  if [ "$1" = demo ]; then
    profile=demo
    # Where the stand-in for a camera leaves its clips.
    cards=$2/cards
  fi
  (
    set -a
    . "$2/db.env"
    UPSHOT_PORT=$3 UPSHOT_BUILD=$(cat "$2/app/stamp") SPRING_PROFILES_ACTIVE=$profile UPSHOT_DEMO_CARDS=$cards UPSHOT_OFFLOADS=$ROOT/.data/offloads
    set +a
    # Pages of large jobs are strings of a megabyte: in regions of four they are like any other, and need no room of their own.
    exec setsid java -XX:+ExitOnOutOfMemoryError -Xmx1g -XX:G1HeapRegionSize=4m -jar "$2/app/upshot-lane.jar" \
      </dev/null 8>&- 9>&-
  ) &
  echo $! >"$2/app.pid"
}

run_application() { # mode, folder
  local port pid
  port=$(free_port "$(cat "$2/port" 2>/dev/null || true)")
  echo "$port" >"$2/port"
  launch "$1" "$2" "$port"
  pid=$(cat "$2/app.pid")
  while ! answers "$port" "$1"; do
    if ! kill -0 "$pid" 2>/dev/null; then fail "The application did not start; the lines above say why."; fi
    pause 0.2
  done
  echo "http://127.0.0.1:$port/" >"$2/address"
  say "Upshot Lane is at http://127.0.0.1:$port/ (Ctrl-C stops it)"
  keep_running "$1" "$2" "$port"
}

# A sleep that a signal ends at once.
pause() { sleep "$1" & wait $! || true; }

# Of the two processes each is started again when it ends by itself, and the other goes on meanwhile. A growing delay keeps
# what ends at once from using the machine up.
keep_running() { # mode, folder, port
  local delay=1 began=$SECONDS env
  while :; do
    if ! database_alive "$2"; then
      say "The database ended by itself; it starts again."
      env=$(cat "$2/db.env")
      database_start "$2" durable || say "It did not start; it is tried again."
      # On another port the application would look for it in vain.
      [ "$env" = "$(cat "$2/db.env")" ] || stop_application "$2"
    elif ! kill -0 "$(cat "$2/app.pid" 2>/dev/null || echo 0x)" 2>/dev/null; then
      if [ $((SECONDS - began)) -gt 120 ]; then delay=1; fi
      say "The application ended by itself. It starts again in $delay s; the database goes on."
      pause "$delay"
      delay=$((delay * 2 > 60 ? 60 : delay * 2))
      began=$SECONDS
      launch "$1" "$2" "$3"
    fi
    pause 1
  done
}

answers() { # port, mode: does the sign-in page come? In the demo not before its data is there.
  local line
  { exec 7<>"/dev/tcp/127.0.0.1/$1"; } 2>/dev/null || return 1
  printf 'GET /sign-in HTTP/1.0\r\nHost: 127.0.0.1\r\n\r\n' >&7
  IFS= read -r -t 10 line <&7 || line=
  exec 7>&-
  case $2$line in *" 200"*|own*" 302"*) return 0 ;; *) return 1 ;; esac
}

stop_application() { # folder
  local pid
  pid=$(cat "$1/app.pid" 2>/dev/null || true)
  if [ -n "$pid" ] && is_running "$pid" java && grep -qF "$1/app/" "/proc/$pid/cmdline"; then
    kill -TERM "$pid"
    for _ in $(seq 600); do
      is_running "$pid" java || break
      sleep 0.05
    done
    if is_running "$pid" java; then kill -KILL "$pid"; fi
  fi
  rm -f "$1/app.pid"
}

# First the application, then the database under it.
stop_all() { # folder
  trap '' INT TERM HUP
  rm -f "$1/address" "$1/script.pid"
  stop_application "$1"
  database_stop "$1"
}

# What a killed script left running is stopped before anything is started beside it.
stop_leftovers() { # folder
  stop_application "$1"
  database_stop "$1"
}

halt() { # demo|own
  local folder=$ROOT/.data/$1 pid
  if [ ! -d "$folder" ]; then return; fi
  own_folder "$folder"
  pid=$(cat "$folder/script.pid" 2>/dev/null || true)
  if [ -n "$pid" ] && grep -qs upshot "/proc/$pid/cmdline"; then
    say "Stopping $1"
    kill -TERM "$pid" 2>/dev/null || true
    for _ in $(seq 1200); do
      if ! kill -0 "$pid" 2>/dev/null; then break; fi
      sleep 0.1
    done
  fi
  stop_leftovers "$folder"
  rm -f "$folder/address" "$folder/script.pid"
}
