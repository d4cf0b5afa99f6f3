# The servers of one run, on loopback, in a folder of the project's own. Sourced by the scripts in bin/.
#
# Needs: ROOT, RUN (the folder of this run), PORT (HTTP; the database and php-fpm take the next three).

PIDS=()
STOPPING=

ports() { DB_PORT=$((PORT + 1)); FPM_PORT=$((PORT + 2)); STANDIN_PORT=$((PORT + 3)); }

need_free_ports() {
    local port
    for port in "$PORT" "$DB_PORT" "$FPM_PORT" "$STANDIN_PORT"; do
        if (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then
            stop_with "Port $port is in use; end what uses it, or set KITE_PORT to the first of four free ports, such as KITE_PORT=$((PORT + 100))."
        fi
    done
}

# Servers do not run as root where users of their own can reach the project's folder.
choose_users() {
    DB_USER=$(id -un); WEB_USER=$(id -un); FPM_AS_ROOT=
    [ "$(id -u)" -eq 0 ] || return 0
    if su -s /bin/sh mysql -c "test -x '$RUN'" 2>/dev/null && su -s /bin/sh www-data -c "test -x '$ROOT/public' && test -x '$RUN'" 2>/dev/null; then
        DB_USER=mysql; WEB_USER=www-data
    else
        FPM_AS_ROOT=--allow-to-run-as-root
    fi
}

# Starts a server in a session of its own, so that Ctrl-C reaches this script alone and it ends them in order.
launch() {
    local name=$1; shift
    setsid "$@" >>"$RUN/log/$name.log" 2>&1 &
    PIDS+=($!)
}

# Starts a program anew whenever it ends: a worker that lost its database comes back.
launch_again_and_again() {
    local name=$1; shift
    launch "$name" bash -c 'trap "kill \$child 2>/dev/null; wait \$child 2>/dev/null; exit 0" TERM; while :; do "$@" & child=$!; wait $child; sleep 1; done' again "$@"
}

stop_servers() {
    [ -z "$STOPPING" ] || return 0
    STOPPING=1
    local i
    for ((i = ${#PIDS[@]} - 1; i >= 0; i--)); do kill -TERM "${PIDS[$i]}" 2>/dev/null; done
    for ((i = 0; i < 100; i++)); do
        kill -0 "${PIDS[@]}" 2>/dev/null || break
        sleep 0.1
        [ -n "$(for pid in "${PIDS[@]}"; do kill -0 "$pid" 2>/dev/null && echo alive; done)" ] || break
    done
    for pid in "${PIDS[@]}"; do kill -0 "$pid" 2>/dev/null && kill -KILL -- "-$pid" 2>/dev/null; done
    wait 2>/dev/null
    rm -f "$RUN/db.sock" "$DB_SOCKET"
}

wait_for() {
    local what=$1; shift
    local i
    for ((i = 0; i < 150; i++)); do "$@" >/dev/null 2>&1 && return 0; sleep 0.1; done
    stop_with "$what did not come up; see the files in ${RUN#"$ROOT"/}/log."
}

start_database() {
    DB_SOCKET=/tmp/paper-kite-$DB_PORT.sock
    if [ ! -d "$RUN/db/mysql" ]; then
        say "Making a database"
        rm -rf "$RUN/db"; mkdir -p "$RUN/db"
        [ "$DB_USER" = "$(id -un)" ] || chown "$DB_USER" "$RUN/db"
        mariadb-install-db --no-defaults --user="$DB_USER" --datadir="$RUN/db" --auth-root-authentication-method=normal --skip-test-db >"$RUN/log/db-install.log" 2>&1 ||
            stop_with "The database could not be made; see ${RUN#"$ROOT"/}/log/db-install.log."
    fi
    launch_again_and_again db mariadbd --no-defaults --user="$DB_USER" --datadir="$RUN/db" --bind-address=127.0.0.1 --port="$DB_PORT" --socket="$DB_SOCKET" \
        --pid-file="$RUN/db/server.pid" --character-set-server=utf8mb4 --skip-name-resolve --performance-schema=OFF --innodb-buffer-pool-size=256M --max-connections=100
    wait_for "The database" mariadb --no-defaults --socket="$DB_SOCKET" -uroot -e 'SELECT 1'
    mariadb --no-defaults --socket="$DB_SOCKET" -uroot -e "
        CREATE DATABASE IF NOT EXISTS paper_kite CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
        CREATE USER IF NOT EXISTS 'paper_kite'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
        ALTER USER 'paper_kite'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
        GRANT ALL ON paper_kite.* TO 'paper_kite'@'127.0.0.1';"
}

# What the application is told. A value that is made once (a key, a password) is kept in the run's folder.
make_environment() {
    local keep=$RUN/secrets
    if [ ! -f "$keep" ]; then
        (umask 077; {
            echo "APP_KEY=base64:$(head -c 32 /dev/urandom | base64 -w0)"
            echo "DB_PASSWORD=$(head -c 18 /dev/urandom | base64 -w0 | tr '+/' 'ab')"
            echo "KITE_STANDIN_PAY_KEY=$(head -c 24 /dev/urandom | base64 -w0 | tr '+/' 'ab')"
            echo "KITE_STANDIN_PAY_SECRET=whsec_$(head -c 24 /dev/urandom | base64 -w0)"
            echo "KITE_DEMO_PASSWORD=$(head -c 9 /dev/urandom | od -An -tx1 | tr -d ' \n' | sed 's/.\{6\}/&-/g; s/-$//')"
        } >"$keep")
    fi
    {
        cat "$keep"
        cat <<ENV
APP_ENV=${KITE_ENV:-local}
APP_DEBUG=false
DB_HOST=127.0.0.1
DB_PORT=$DB_PORT
DB_DATABASE=paper_kite
DB_USERNAME=paper_kite
LOG_CHANNEL=stderr
VIEW_COMPILED_PATH=$RUN/views
APP_CONFIG_CACHE=$RUN/cache/config.php
APP_ROUTES_CACHE=$RUN/cache/routes.php
APP_EVENTS_CACHE=$RUN/cache/events.php
KITE_SCHEME=http
KITE_PUBLIC_PORT=$PORT
KITE_CONSOLE_HOST=seller.localhost
KITE_NEW_CARTS_PER_MINUTE=${KITE_NEW_CARTS_PER_MINUTE:-30}
KITE_PAYMENTS=standin
KITE_STANDIN_PAY_API=http://127.0.0.1:$PORT/api
KITE_STANDIN_PAY_HOST=pay.localhost
KITE_STANDIN_PAY_ORIGIN=http://pay.localhost:$PORT
KITE_STANDIN_PAY_DB=$RUN/pay/ledger.sqlite
KITE_STANDIN_BLOG_NOTES=$RUN/blog
KITE_DEMO_BUTTON_FILE=$RUN/blog/button.snippet
KITE_PICTURES=$RUN/pictures
KITE_STANDIN_OUTBOX=$RUN/outbox
MAIL_MAILER=outbox
ENV
    } >"$RUN/env"
    chmod 600 "$RUN/env"
    set -a; . "$RUN/env"; set +a
}

make_folders() {
    mkdir -p "$RUN/log" "$RUN/cache" "$RUN/views" "$RUN/pay" "$RUN/blog" "$RUN/nginx" "$RUN/pictures" "$RUN/outbox"
    chmod a+x "$ROOT/.run" "$RUN"
}

cache_application() {
    php artisan config:cache --quiet && php artisan route:cache --quiet && php artisan event:cache --quiet && php artisan view:cache --quiet ||
        stop_with "The application could not be prepared; the lines above say why."
    php artisan migrate --force --quiet || stop_with "The database could not be brought up to date; the lines above say why."
    php bin/lib/preload-list.php >"$RUN/cache/preload.list" || stop_with "The list of classes to preload could not be made; the lines above say why."
    export KITE_PRELOAD_LIST=$RUN/cache/preload.list
    if [ "$WEB_USER" != "$(id -un)" ]; then chown -R "$WEB_USER" "$RUN/views" "$RUN/pay" "$RUN/blog" "$RUN/pictures" "$RUN/outbox"; fi
    chmod -R a+rX "$RUN/cache" "$RUN/views"
}

start_web() {
    local pools_user=
    [ "$(id -u)" -ne 0 ] || pools_user="user = $WEB_USER
group = $WEB_USER"
    cat >"$RUN/fpm.conf" <<CONF
[global]
error_log = $RUN/log/fpm.log
daemonize = no
[application]
$pools_user
listen = 127.0.0.1:$FPM_PORT
pm = static
pm.max_children = ${KITE_WORKERS:-8}
clear_env = no
catch_workers_output = yes
decorate_workers_output = no
[standins]
$pools_user
listen = 127.0.0.1:$STANDIN_PORT
pm = static
pm.max_children = ${KITE_WORKERS:-8}
clear_env = no
catch_workers_output = yes
CONF
    launch fpm php-fpm8.2 $FPM_AS_ROOT --fpm-config "$RUN/fpm.conf" \
        -d opcache.enable=1 -d opcache.validate_timestamps=0 -d opcache.max_accelerated_files=20000 -d opcache.memory_consumption=192 \
        -d opcache.preload="$ROOT/bin/lib/preload.php" -d opcache.preload_user="$WEB_USER" -d realpath_cache_size=4M -d expose_php=0 \
        -d upload_max_filesize=10M -d post_max_size=12M -d memory_limit=256M
    cat >"$RUN/nginx.conf" <<CONF
${WEB_USER:+$([ "$(id -u)" -ne 0 ] || echo "user $WEB_USER;")}
worker_processes 2;
daemon off;
pid $RUN/nginx/nginx.pid;
error_log $RUN/log/nginx.log;
events { worker_connections 512; }
http {
    include /etc/nginx/mime.types;
    access_log off;
    server_tokens off;
    client_max_body_size 512k;
    client_body_temp_path $RUN/nginx/body;
    fastcgi_temp_path $RUN/nginx/fastcgi;
    proxy_temp_path $RUN/nginx/proxy;
    uwsgi_temp_path $RUN/nginx/uwsgi;
    scgi_temp_path $RUN/nginx/scgi;
    gzip on;
    gzip_types text/css application/javascript application/json image/svg+xml;
    $(standin_server pay)
    $(standin_server blog)
    $(standin_server outbox)
    server {
        listen 127.0.0.1:$PORT default_server;
        root $ROOT/public;
        location /build/ { add_header Cache-Control "public, max-age=31536000, immutable"; add_header X-Content-Type-Options nosniff; try_files \$uri =404; }
        location /drawings/ { add_header Cache-Control "public, max-age=3600"; add_header X-Content-Type-Options nosniff; try_files \$uri =404; }
        location = /favicon.svg { try_files \$uri =404; }
        location /pictures/ { alias $RUN/pictures/; add_header Cache-Control "public, max-age=31536000, immutable"; add_header X-Content-Type-Options nosniff; }
        location ~ ^/api/shops/[^/]+/pictures\$ {
            client_max_body_size 12m;
            include /etc/nginx/fastcgi_params;
            fastcgi_pass 127.0.0.1:$FPM_PORT;
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param HTTP_PROXY "";
        }
        location / {
            include /etc/nginx/fastcgi_params;
            fastcgi_pass 127.0.0.1:$FPM_PORT;
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_param SCRIPT_NAME /index.php;
            fastcgi_param HTTP_PROXY "";
        }
        ${KITE_NGINX_EXTRA:-}
    }
}
CONF
    launch nginx nginx -e "$RUN/log/nginx.log" -c "$RUN/nginx.conf"
    wait_for "The web server" curl -fsS -o /dev/null -H 'Host: seller.localhost' "http://127.0.0.1:$PORT/sign-in"
}

standin_server() {
    cat <<CONF
server {
        listen 127.0.0.1:$PORT;
        server_name $1.localhost;
        location / {
            include /etc/nginx/fastcgi_params;
            fastcgi_pass 127.0.0.1:$STANDIN_PORT;
            fastcgi_param SCRIPT_FILENAME $ROOT/standins/$1/public/index.php;
            fastcgi_param HTTP_PROXY "";
        }
    }
CONF
}

start_workers() {
    local as_web=()
    [ "$WEB_USER" = "$(id -un)" ] || as_web=(setpriv --reuid="$WEB_USER" --regid="$WEB_USER" --init-groups)
    launch_again_and_again worker "${as_web[@]}" php artisan queue:work --sleep=0.2 --tries=0 --timeout=25 --max-time=3600
    launch_again_and_again deliver "${as_web[@]}" php standins/pay/deliver.php
    [ "${1:-}" = without-schedule ] || launch_again_and_again schedule "${as_web[@]}" php artisan schedule:work
}
