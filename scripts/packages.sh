# What has to be installed, and how. Everything is checked before anything is changed.
# Each line: Debian package, then the command that shows it is there.

FOR_BUILDING=("default-jdk-headless java_compiler" "maven mvn")
FOR_THE_DATABASE=("mariadb-server-core mariadbd" "mariadb-client-core mariadb")
# Chromium without a window: the same engine, and a third quicker where nobody looks.
FOR_BROWSER_TESTS=("chromium-headless-shell chromium-headless-shell")
# Judge our certificates from outside, and make a browser trust one in a store that is thrown away.
FOR_CERTIFICATE_TESTS=("openssl openssl" "libnss3-tools certutil")
# Makes and judges clips from outside.
FOR_CLIP_TESTS=("ffmpeg ffmpeg")
# File systems as cards have them, one of them with a program in between.
FOR_OFFLOAD_TESTS=("exfatprogs mkfs.exfat" "exfat-fuse mount.exfat-fuse")

# The compiler, not the runtime: a machine often has java without javac.
java_compiler() {
  local version
  version=$(javac -version 2>/dev/null | sed -n 's/^javac \([0-9]*\).*/\1/p')
  [ "${version:-0}" -ge 17 ]
}

there() {
  case $1 in
    java_compiler) java_compiler ;;
    *) command -v "$1" >/dev/null || [ -x "/usr/sbin/$1" ] ;;
  esac
}

need_packages() {
  local missing=() line
  for line in "$@"; do
    if ! there "${line#* }"; then missing+=("${line%% *}"); fi
  done
  if [ ${#missing[@]} -eq 0 ]; then return; fi
  local install="apt-get -o DPkg::Lock::Timeout=120 install -y --no-install-recommends ${missing[*]}"
  local as_root=()
  if [ "$(id -u)" != 0 ]; then
    if ! sudo -n true 2>/dev/null; then
      printf 'Some programs are missing. Please run this once, then try again:\n  sudo %s\n' "$install" >&2
      exit 1
    fi
    as_root=(sudo -n)
  fi
  echo "Installing ${missing[*]} (a few minutes the first time)"
  local log
  log=$(mktemp)
  if ! { "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive apt-get -o DPkg::Lock::Timeout=120 update &&
         # shellcheck disable=SC2086
         "${as_root[@]}" env DEBIAN_FRONTEND=noninteractive $install; } >"$log" 2>&1; then
    tail -15 "$log" >&2
    echo "The packages could not be installed; the lines above say why." >&2
    rm -f "$log"
    exit 1
  fi
  rm -f "$log"
  for line in "$@"; do
    if ! there "${line#* }"; then
      echo "${line%% *} was installed, but ${line#* } is still not what is needed (Java 17 or newer)." >&2
      exit 1
    fi
  done
}
