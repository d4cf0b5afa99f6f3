# What the machine must have: checked, then installed from Debian, Composer and npm. Sourced by the scripts in bin/.

say() { printf '%s\n' "$*"; }
stop_with() { printf '%s\n' "$*" >&2; exit 1; }

as_root() { if [ "$(id -u)" -eq 0 ]; then "$@"; else sudo "$@"; fi; }

need_node() {
    local found
    found=$(node --version 2>/dev/null || true)
    node -e 'const [a,b]=process.versions.node.split(".").map(Number); process.exit(a>20||a===20&&b>=19?0:1)' 2>/dev/null ||
        stop_with "Node ${found:-is missing, and} ${found:+is too old: }20.19 or newer is needed; install it with its npm, then run this again."
    command -v npm >/dev/null || stop_with "npm is missing; install the one that belongs to Node $found, then run this again."
}

need_disk() {
    local free_kib
    free_kib=$(df -Pk "$ROOT" | awk 'NR==2 {print $4}')
    [ "$free_kib" -ge $((3 * 1024 * 1024)) ] || stop_with "Less than 3 GB are free where Paper Kite lies; make room, then run this again."
}

# Packages of Debian, installed only where one is missing, and without starting the services they bring.
need_debian() {
    local missing=() package policy=/usr/sbin/policy-rc.d
    for package in "$@"; do
        dpkg-query -W -f='${Status}' "$package" 2>/dev/null | grep -q 'ok installed' || missing+=("$package")
    done
    [ ${#missing[@]} -gt 0 ] || return 0
    command -v apt-get >/dev/null || stop_with "These Debian packages are missing: ${missing[*]}; install them, then run this again."
    say "Installing from Debian: ${missing[*]}"
    if [ ! -e "$policy" ]; then
        printf '#!/bin/sh\nexit 101\n' | as_root tee "$policy" >/dev/null
        as_root chmod +x "$policy"
        trap 'as_root rm -f /usr/sbin/policy-rc.d' EXIT
    fi
    as_root apt-get update -qq >"$RUN/apt.log" 2>&1 || true
    as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y --no-install-recommends "${missing[@]}" >>"$RUN/apt.log" 2>&1 ||
        { tail -n 20 "$RUN/apt.log" >&2; stop_with "Debian's packages could not be installed; the lines above say why."; }
    if [ "$(trap -p EXIT | grep -c policy-rc.d)" -gt 0 ]; then as_root rm -f "$policy"; trap - EXIT; fi
}

# Runs a command when what it is made from has changed since it last succeeded.
when_changed() {
    local name=$1 print=$2; shift 2
    mkdir -p "$ROOT/.run/stamps"
    local stamp=$ROOT/.run/stamps/$name
    if [ "$(cat "$stamp" 2>/dev/null)" != "$print" ]; then
        rm -f "$stamp"
        "$@" || return 1
        printf '%s' "$print" >"$stamp"
    fi
}

print_of() { find "$@" -type f -print0 2>/dev/null | sort -z | xargs -0 sha1sum | sha1sum | cut -c1-40; }

install_php_packages() {
    say "Installing PHP packages"
    COMPOSER_ALLOW_SUPERUSER=1 composer install --no-interaction --no-progress --quiet || return 1
    # Files that Composer unpacks as root may be closed to the server's workers.
    chmod -R a+rX vendor
}

# The map of classes names files; one that has moved would not be found.
map_classes() { COMPOSER_ALLOW_SUPERUSER=1 composer dump-autoload --optimize --quiet && chmod -R a+rX vendor/composer; }

install_node_packages() {
    say "Installing Node packages"
    npm ci --no-audit --no-fund --loglevel=error || return 1
}

build_front_end() {
    say "Building the front end"
    npm run --silent build || return 1
    chmod -R a+rX public
}

prepare_packages() {
    [ -f vendor/autoload.php ] || rm -f .run/stamps/composer
    [ -d node_modules ] || rm -f .run/stamps/npm
    [ -f public/build/manifest.json ] && [ -f public/embed/kite.js ] || rm -f .run/stamps/build
    when_changed composer "$(print_of composer.json)" install_php_packages || stop_with "Composer failed; its lines above say why."
    when_changed autoload "$(find app core standins tests compat -name '*.php' | sort | sha1sum)" map_classes || stop_with "Composer failed; its lines above say why."
    when_changed npm "$(print_of package-lock.json)" install_node_packages || stop_with "npm failed; its lines above say why."
    when_changed build "$(print_of resources vite.config.ts vite.embed.config.ts package.json package-lock.json core/Offer)" build_front_end || stop_with "The build failed; its lines above say why."
}

DEBIAN_TO_RUN="php8.2-cli php8.2-fpm php8.2-mysql php8.2-sqlite3 php8.2-curl php8.2-gd php8.2-intl php8.2-mbstring php8.2-xml php8.2-zip php8.2-apcu composer unzip curl mariadb-server nginx-light poppler-utils"
DEBIAN_TO_TEST="chromium-headless-shell chromium-driver fonts-noto-color-emoji fonts-dejavu-core"
