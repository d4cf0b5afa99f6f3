# The servers of one run, on loopback, in a folder of the project's own. Sourced by the scripts in bin/.
#
# Needs: ROOT, RUN (the folder of this run), PORT (HTTP; the database and php-fpm take the next three).

. "$ROOT/bin/lib/processes.sh"

# What runs by name: the process that keeps a server up, and how it was started.
declare -A KEEPERS=()
declare -A COMMANDS=()
STARTED=()
STOPPING=
# What the database is started with besides, by scripts that say so.
DB_OPTIONS=()

# A log that grew to this many bytes is put aside, and the one before it forgotten.
LARGEST_LOG=$((10 * 1024 * 1024))

ports() { DB_SOCKET=/tmp/paper-kite-$((PORT + 1)).sock; DB_PORT=$((PORT + 1)); FPM_PORT=$((PORT + 2)); STANDIN_PORT=$((PORT + 3)); PAYING_PORT=$((PORT + 4)); }

# The folder of a run belongs to one of these scripts at a time; whoever comes second touches nothing of it.
take_folder() {
    mkdir -p "$ROOT/.run"
    exec 9>>"$RUN.lock"
    flock -n 9 || stop_with "Paper Kite runs from this folder already ($(cat "$RUN.owner" 2>/dev/null || echo 'it is just starting')); end that one first, with Ctrl-C where it was started."
    echo "process $$, port $PORT" >"$RUN.owner"
    end_leftovers
}

# A run whose script was killed may have left servers behind. Each stands in sessions of its own, whose numbers were
# noted; that a number still means what it meant is seen from the names that its processes carry.
end_leftovers() {
    local session left=()
    for session in $(cat "$RUN".sessions/* 2>/dev/null); do
        for pid in $(session_members "$session"); do
            if grep -qzFx "KITE_RUN=$RUN" "/proc/$pid/environ" 2>/dev/null || tr '\0' ' ' <"/proc/$pid/cmdline" 2>/dev/null | grep -qF "$RUN/"; then
                left+=($(session_members "$session")); break
            fi
        done
    done
    rm -rf "$RUN.sessions"
    [ ${#left[@]} -gt 0 ] || return 0
    say "Ending what an earlier run of this folder left running: $(for pid in "${left[@]}"; do cat "/proc/$pid/comm" 2>/dev/null; done | sort | uniq -c | awk '{print $1 " " $2}' | paste -sd, | sed 's/,/, /g')."
    end_processes "${left[@]}"
}

need_free_ports() {
    local port
    for port in "$PORT" "$DB_PORT" "$FPM_PORT" "$STANDIN_PORT" "$PAYING_PORT"; do
        if (exec 3<>"/dev/tcp/127.0.0.1/$port") 2>/dev/null; then
            stop_with "Port $port is in use; end what uses it, or set KITE_PORT to the first of five free ports, such as KITE_PORT=$((PORT + 100))."
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

# Keeps a server up: starts it in a session of its own, so that Ctrl-C reaches the script alone, and again whenever it
# ends. Its keeper is told when the script is gone, however it went, and takes the server along.
launch() {
    local name=$1; shift
    COMMANDS[$name]=$(printf '%q ' "$@")
    STARTED+=("$name")
    keep "$name"
}

keep() {
    local name=$1
    mkdir -p "$RUN.sessions"
    KITE_RUN=$RUN setsid setpriv --pdeathsig TERM bash "$ROOT/bin/lib/keeper.sh" "$RUN.sessions/$name" "${COMMANDS[$name]}" >>"$RUN/log/$name.log" 2>&1 9>&- &
    KEEPERS[$name]=$!
    disown "$!"
}

# A keeper that was killed leaves its server behind: that is ended, and both begin anew.
mend_keepers() {
    local name
    for name in "${STARTED[@]}"; do
        kill -0 "${KEEPERS[$name]}" 2>/dev/null && continue
        say "Starting $name again; see ${RUN#"$ROOT"/}/log/$name.log."
        end_processes $(session_members $(cat "$RUN.sessions/$name" 2>/dev/null))
        keep "$name"
    done
}

rotate_logs() {
    local log
    for log in "$RUN"/log/*.log; do
        if [ "$(stat -c %s "$log" 2>/dev/null || echo 0)" -gt "$LARGEST_LOG" ]; then
            # Whoever writes to it appends, and goes on in the emptied file; on a full disk it is emptied all the same.
            cp -f "$log" "$log.1" 2>/dev/null || rm -f "$log.1"
            : >"$log"
        fi
    done
}

stop_servers() {
    [ -z "$STOPPING" ] || return 0
    STOPPING=1
    local i
    for ((i = ${#STARTED[@]} - 1; i >= 0; i--)); do kill -TERM "${KEEPERS[${STARTED[$i]}]}" 2>/dev/null; done
    end_processes $(session_members $(cat "$RUN".sessions/* 2>/dev/null))
    rm -rf "$DB_SOCKET" "$RUN.owner" "$RUN.sessions"
}

wait_for() {
    local what=$1; shift
    local i
    for ((i = 0; i < 150; i++)); do "$@" >/dev/null 2>&1 && return 0; sleep 0.1; done
    stop_with "$what did not come up; see the files in ${RUN#"$ROOT"/}/log."
}

# What the demo writes beside the database belongs to those who go on with it.
load_demo() {
    php artisan demo:load "$@" || exit 1
    [ "$WEB_USER" = "$(id -un)" ] || chown -R "$WEB_USER" "$RUN/blog" "$RUN/pay" "$RUN/files" "$RUN/samples" "$RUN/pictures"
}

start_database() {
    if [ ! -d "$RUN/db/mysql" ]; then
        say "Making a database"
        rm -rf "$RUN/db"; mkdir -p "$RUN/db"
        [ "$DB_USER" = "$(id -un)" ] || chown "$DB_USER" "$RUN/db"
        mariadb-install-db --no-defaults --user="$DB_USER" --datadir="$RUN/db" --auth-root-authentication-method=normal --skip-test-db "${DB_OPTIONS[@]}" >"$RUN/log/db-install.log" 2>&1 ||
            stop_with "The database could not be made; see ${RUN#"$ROOT"/}/log/db-install.log."
    fi
    # Another server that starts removes what it finds in a folder that both use.
    mkdir -p "$RUN/db-tmp"
    [ "$DB_USER" = "$(id -un)" ] || chown "$DB_USER" "$RUN/db-tmp"
    launch db mariadbd --no-defaults --user="$DB_USER" --datadir="$RUN/db" --tmpdir="$RUN/db-tmp" --bind-address=127.0.0.1 --port="$DB_PORT" --socket="$DB_SOCKET" \
        --pid-file="$RUN/db/server.pid" --character-set-server=utf8mb4 --skip-name-resolve --performance-schema=OFF --innodb-buffer-pool-size=256M --max-connections=200 "${DB_OPTIONS[@]}"
    wait_for "The database" mariadb --no-defaults --socket="$DB_SOCKET" -uroot -e 'SELECT 1'
    mariadb --no-defaults --socket="$DB_SOCKET" -uroot -e "
        CREATE DATABASE IF NOT EXISTS paper_kite CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci;
        CREATE USER IF NOT EXISTS 'paper_kite'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
        ALTER USER 'paper_kite'@'127.0.0.1' IDENTIFIED BY '$DB_PASSWORD';
        GRANT ALL ON paper_kite.* TO 'paper_kite'@'127.0.0.1';" || stop_with "The database refused its user; see ${RUN#"$ROOT"/}/log/db.log."
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
KITE_NEW_CARTS_PER_MINUTE=${KITE_NEW_CARTS_PER_MINUTE:-60}
KITE_WIDGET_REQUESTS_PER_MINUTE=${KITE_WIDGET_REQUESTS_PER_MINUTE:-1200}
KITE_PAYMENTS=standin
KITE_STANDIN_PAY_API=http://127.0.0.1:$PORT/api
KITE_STANDIN_PAY_HOST=pay.localhost
KITE_STANDIN_PAY_ORIGIN=http://pay.localhost:$PORT
KITE_STANDIN_PAY_DB=$RUN/pay/ledger.sqlite
KITE_STANDIN_BLOG_NOTES=$RUN/blog
KITE_CLOCK=$RUN/clock
KITE_SHOP_SUFFIXES=localhost
KITE_RESERVED_HOSTS=broken.localhost,landing.localhost,old.localhost,strict.localhost,garden.localhost,fair.localhost,wall.localhost,blog.localhost,outbox.localhost,wicker-lane-ie.localhost,wicker-lane-gb.localhost,nordkai-se.localhost,nordkai-de.localhost,plaza-almendro.localhost
KITE_STANDIN_MARKETS_PORT=$PORT
KITE_RENAMES_PER_DAY=${KITE_RENAMES_PER_DAY:-5}
KITE_DEMO_BUTTON_FILE=$RUN/blog/button.snippet
KITE_PICTURES=$RUN/pictures
KITE_SPOOL=$RUN/spool
KITE_REPORTS=$RUN/reports
KITE_FILES=$RUN/files
KITE_SAMPLES=$RUN/samples
KITE_PRICE_LOCAL=wicker-lane-ie.localhost:$PORT=127.0.0.1,wicker-lane-gb.localhost:$PORT=127.0.0.1,nordkai-se.localhost:$PORT=127.0.0.1,nordkai-de.localhost:$PORT=127.0.0.1,plaza-almendro.localhost:$PORT=127.0.0.1
KITE_STANDIN_OUTBOX=$RUN/outbox
MAIL_MAILER=outbox
ENV
    } >"$RUN/env"
    chmod 600 "$RUN/env"
    set -a; . "$RUN/env"; set +a
}

make_folders() {
    mkdir -p "$RUN/log" "$RUN/cache" "$RUN/views" "$RUN/pay" "$RUN/blog" "$RUN/nginx" "$RUN/pictures" "$RUN/outbox" "$RUN/spool" "$RUN/reports" "$RUN/files" "$RUN/samples" "$RUN/kept"
    chmod a+x "$ROOT/.run" "$RUN"
}

cache_application() {
    php artisan config:cache --quiet && php artisan route:cache --quiet && php artisan event:cache --quiet && php artisan view:cache --quiet ||
        stop_with "The application could not be prepared; the lines above say why."
    php artisan migrate --force --quiet || stop_with "The database could not be brought up to date; the lines above say why."
    php bin/lib/preload-list.php >"$RUN/cache/preload.list" || stop_with "The list of classes to preload could not be made; the lines above say why."
    export KITE_PRELOAD_LIST=$RUN/cache/preload.list
    if [ "$WEB_USER" != "$(id -un)" ]; then chown -R "$WEB_USER" "$RUN/views" "$RUN/pay" "$RUN/blog" "$RUN/pictures" "$RUN/outbox" "$RUN/spool" "$RUN/reports" "$RUN/files" "$RUN/samples"; fi
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
[paying]
$pools_user
listen = 127.0.0.1:$PAYING_PORT
pm = dynamic
pm.max_children = 32
pm.start_servers = 8
pm.min_spare_servers = 4
pm.max_spare_servers = 12
clear_env = no
catch_workers_output = yes
decorate_workers_output = no
[standins]
$pools_user
listen = 127.0.0.1:$STANDIN_PORT
pm = dynamic
pm.max_children = 32
pm.start_servers = 4
pm.min_spare_servers = 2
pm.max_spare_servers = 8
clear_env = no
catch_workers_output = yes
CONF
    launch fpm php-fpm8.2 $FPM_AS_ROOT --fpm-config "$RUN/fpm.conf" \
        -d opcache.enable=1 -d opcache.validate_timestamps=0 -d opcache.max_accelerated_files=20000 -d opcache.memory_consumption=192 \
        -d opcache.preload="$ROOT/bin/lib/preload.php" -d opcache.preload_user="$WEB_USER" -d apc.serializer=default -d realpath_cache_size=4M -d expose_php=0 \
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
    # What widgets show is kept: fresh for as long as the answer says, and for a day while the application is away.
    fastcgi_cache_path $RUN/kept levels=1:2 keys_zone=widgets:2m max_size=64m inactive=24h use_temp_path=off;
    # And likewise the pages of shops, as those see them who have no cookie yet.
    fastcgi_cache_path $RUN/kept-pages levels=1:2 keys_zone=pages:8m max_size=256m inactive=24h use_temp_path=off;
    # What waits for the payment provider has workers of its own, so that nothing else waits for them.
    map "\$request_method \$uri" \$kite_workers {
        default 127.0.0.1:$FPM_PORT;
        "~^POST /[a-z0-9-]+/[0-9A-Za-z_-]{12}\$" 127.0.0.1:$PAYING_PORT;
        "~^GET /(return|cancelled)/" 127.0.0.1:$PAYING_PORT;
        "POST /events/payments" 127.0.0.1:$PAYING_PORT;
    }
    $(standin_server pay)
    $(standin_server blog)
    $(standin_server outbox)
    $(standin_server sites landing old strict garden fair wall night margin attic cage turning loud based hoard single broken)
    $(standin_server market wicker-lane-ie wicker-lane-gb nordkai-se m.nordkai-se nordkai-de m.nordkai-de plaza-almendro)
    server {
        listen 127.0.0.1:$PORT default_server;
        root $ROOT/public;
        include $ROOT/deploy/fastcgi.conf;
        # A page of ours in another site's tighter frame asks for its font as from nowhere.
        location /build/ { add_header Cache-Control "public, max-age=31536000, immutable"; add_header Access-Control-Allow-Origin *; add_header X-Content-Type-Options nosniff; try_files \$uri =404; }
        location ~ ^/embed/more-[A-Za-z0-9_-]+\\.js\$ { add_header Cache-Control "public, max-age=31536000, immutable"; add_header Access-Control-Allow-Origin *; add_header Cross-Origin-Resource-Policy cross-origin; add_header X-Content-Type-Options nosniff; try_files \$uri =404; }
        location ~ ^/embed/kite\\.(js|d\\.ts)\$ { add_header Cache-Control "public, max-age=300, stale-while-revalidate=86400"; add_header Access-Control-Allow-Origin *; add_header Cross-Origin-Resource-Policy cross-origin; add_header X-Content-Type-Options nosniff; try_files \$uri =404; }
        location = /embed/data {
            fastcgi_pass 127.0.0.1:$FPM_PORT;
            fastcgi_cache widgets;
            # What is kept stays open, and is read whole with its head.
            open_file_cache max=200 inactive=60s;
            fastcgi_buffer_size 16k;
            fastcgi_buffers 8 16k;
            # The whole address: what nginx and PHP could read in two ways can't stand in for another. The answer to HEAD is empty.
            fastcgi_cache_key "\$request_method \$host\$request_uri";
            fastcgi_cache_lock on;
            fastcgi_cache_background_update on;
            fastcgi_cache_use_stale error timeout invalid_header http_500 http_503;
            fastcgi_connect_timeout 2s;
            fastcgi_read_timeout 10s;
        }
        # A shop’s list, its goods, its texts and what search engines read. Who has a cookie is answered for themselves, and for nobody else.
        location ~ ^/(?:p/[^/]+|terms|policy|robots\\.txt|goods\\.json|sitemap(?:-[0-9]+)?\\.xml)?\$ {
            fastcgi_pass 127.0.0.1:$FPM_PORT;
            fastcgi_cache pages;
            # What is kept stays open, and is read whole with its head.
            open_file_cache max=200 inactive=60s;
            fastcgi_buffer_size 16k;
            fastcgi_buffers 8 16k;
            fastcgi_cache_key "\$scheme \$host \$request_uri \$http_accept_language";
            fastcgi_cache_bypass \$http_cookie \$http_authorization;
            fastcgi_no_cache \$http_cookie \$http_authorization;
            # What browsers may keep, which is nothing, is not for the web server.
            fastcgi_ignore_headers Cache-Control Expires;
            fastcgi_cache_lock on;
            fastcgi_cache_use_stale error timeout updating invalid_header http_500 http_503;
            fastcgi_connect_timeout 2s;
            fastcgi_read_timeout 30s;
        }
        location /drawings/ { add_header Cache-Control "public, max-age=3600"; add_header X-Content-Type-Options nosniff; add_header Cross-Origin-Resource-Policy cross-origin; try_files \$uri =404; }
        location = /favicon.svg { try_files \$uri =404; }
        location /pictures/ { alias $RUN/pictures/; add_header Content-Security-Policy "default-src 'none'; sandbox"; add_header Cache-Control "public, max-age=31536000, immutable"; add_header X-Content-Type-Options nosniff; add_header Cross-Origin-Resource-Policy cross-origin; }
        # What was uploaded is neither shown nor run at our addresses; a page may play it.
        location /samples/ { alias $RUN/samples/; add_header Content-Disposition attachment; add_header Content-Security-Policy "default-src 'none'; sandbox"; add_header Cache-Control "public, max-age=31536000, immutable"; add_header X-Content-Type-Options nosniff; add_header Cross-Origin-Resource-Policy cross-origin; }
        # Files that were bought: asked for by the application alone, once it has said who gets which.
        location /files-that-were-bought/ { internal; alias $RUN/files/; add_header Content-Security-Policy "default-src 'none'; sandbox"; add_header X-Content-Type-Options nosniff; add_header Referrer-Policy no-referrer; add_header Cross-Origin-Resource-Policy same-origin; add_header X-Robots-Tag noindex; }
        location ~ ^/api/shops/[^/]+/uploads/[0-9]+\$ {
            client_max_body_size 6m;
            fastcgi_pass 127.0.0.1:$FPM_PORT;
        }
        location ~ ^/api/shops/[^/]+/(?:pictures|looks/icons|reports)\$ {
            client_max_body_size 12m;
            fastcgi_pass 127.0.0.1:$FPM_PORT;
        }
        # A link is a click, and answered before anything else is looked at.
        location ^~ /k/ { fastcgi_pass 127.0.0.1:$FPM_PORT; }
        location / { fastcgi_pass \$kite_workers; }
        ${KITE_NGINX_EXTRA:-}
    }
}
CONF
    launch nginx nginx -e "$RUN/log/nginx.log" -c "$RUN/nginx.conf"
    wait_for "The web server" curl -fsS -o /dev/null -H 'Host: seller.localhost' "http://127.0.0.1:$PORT/sign-in"
}

# The first is the folder of the stand-in, the others are the hosts at which it answers, by default its own.
standin_server() {
    local folder=$1 hosts
    [ $# -eq 1 ] || shift
    hosts=$(printf '%s.localhost ' "$@")
    cat <<CONF
server {
        listen 127.0.0.1:$PORT;
        server_name $hosts;
        location / {
            include /etc/nginx/fastcgi_params;
            fastcgi_pass 127.0.0.1:$STANDIN_PORT;
            fastcgi_param SCRIPT_FILENAME $ROOT/standins/$folder/public/index.php;
            fastcgi_param HTTP_PROXY "";
            # A stand-in that hangs up says so by 444, which closes the connection.
            fastcgi_intercept_errors on;
            error_page 444 = @hang_up;
        }
        location @hang_up { return 444; }
    }
CONF
}

start_workers() {
    local as_web=()
    [ "$WEB_USER" = "$(id -un)" ] || as_web=(setpriv --reuid="$WEB_USER" --regid="$WEB_USER" --init-groups)
    # Money waits for no letter, and neither for copies that are looked through.
    launch money "${as_web[@]}" php artisan queue:work --queue=money --sleep=0.2 --tries=5 --backoff=10 --timeout=25 --max-time=3600
    launch worker "${as_web[@]}" php artisan queue:work --queue=default --sleep=0.2 --tries=5 --backoff=10 --timeout=25 --max-time=3600
    launch copies nice -n 10 "${as_web[@]}" php artisan queue:work --queue=copies --sleep=0.5 --tries=5 --backoff=10 --timeout=25 --max-time=3600
    launch deliver "${as_web[@]}" php standins/pay/deliver.php
    [ "${1:-}" = without-schedule ] || launch schedule "${as_web[@]}" php artisan schedule:work
}
