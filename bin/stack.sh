# The servers of one installation: MariaDB, php-fpm and nginx, all on loopback, with
# everything they write below storage/stack/NAME. NAME is app, testing or bench; each has
# its own database and its own environment file, so they can run side by side.

STACK=''
STACK_WAS_UP=no

stack_select() {
    NAME=$1
    STACK="$ROOT/storage/stack/$NAME"
    ENV_FILE="$ROOT/.env"
    [ "$NAME" = app ] || ENV_FILE="$ROOT/.env.$NAME"
    choose_users
    private_folders
    mkdir -p "$STACK"/{run,log,cache,views} "$ROOT"/storage/{app,logs} "$ROOT"/storage/framework/{cache/data,views,testing}
    stack_environment
}

# Root starts the servers and runs none: one system user has the app, another the database, where both can enter the
# folder. Anybody else runs all of it as themselves.
APP_USER='' DB_USER='' STAYS_ROOT=''
AS_APP=(env) AS_DB=(env)
choose_users() {
    APP_USER=$(id -un) DB_USER=$APP_USER STAYS_ROOT=''
    AS_APP=(env "HOME=$STACK") AS_DB=(env "HOME=$STACK")
    [ "$(id -u)" -eq 0 ] || return 0
    if ! id www-data >/dev/null 2>&1 || ! id mysql >/dev/null 2>&1; then
        STAYS_ROOT='there are no users www-data and mysql on this machine'
    elif ! setpriv $(as www-data) test -r "$ROOT/artisan" ||
        ! setpriv $(as mysql) test -x "$ROOT"; then
        STAYS_ROOT="the users www-data and mysql cannot enter $ROOT"
    elif [ -n "$(unreadable)" ]; then
        STAYS_ROOT="the user www-data cannot read $(unreadable)"
    else
        APP_USER=www-data DB_USER=mysql
        AS_APP+=(setpriv $(as www-data))
        AS_DB+=(setpriv --reuid=mysql --regid=mysql --groups=www-data)
    fi
}

# The first of our files that the app's user could not read. What was installed here is made readable first.
unreadable() {
    local installed
    for installed in vendor public/build bootstrap/cache; do
        [ ! -d "$ROOT/$installed" ] || find "$ROOT/$installed" ! -perm -004 -exec chmod go+rX {} +
    done
    (cd "$ROOT" && setpriv $(as www-data) find app bootstrap config core database lang public resources routes vendor \
        ! -readable -print -quit 2>/dev/null) || true
}

as() { printf -- '--reuid=%s --regid=%s --clear-groups' "$1" "$1"; }

artisan() { "${AS_APP[@]}" php artisan --no-interaction "$@"; }

# Everything below storage is for the user of the app alone: keys, sessions, mails and photos lie there. The database's
# user may pass through to its own folder, and the app's to the socket in it.
private_folders() {
    umask 077
    mkdir -p "$ROOT/storage"
    find "$ROOT/storage" -path '*/mariadb/*' -prune -o -perm /067 -exec chmod go= {} + 2>/dev/null || true
}

# What the app writes is its user's. Folders in which root writes stay root's: nobody else can put a link there.
hand_over_folders() {
    [ "$(id -u)" -eq 0 ] || return 0
    local own=("$ROOT"/storage/{app,framework,logs} "$STACK"/{cache,views}) through=("$ROOT"/storage{,/stack} "$STACK"{,/run,/log})
    touch "$STACK/log/php.log"
    find "${own[@]}" "$STACK/log/php.log" ! -user "$APP_USER" -exec chown -h "$APP_USER:$APP_USER" {} +
    chown "$APP_USER:$APP_USER" "$ENV_FILE" "$ROOT/bootstrap/cache"
    chown "root:$APP_USER" "${through[@]}"
    [ "$APP_USER" = root ] || chmod 0710 "${through[@]}"
    [ -d "$STACK/mariadb" ] || return 0
    find "$STACK/mariadb" ! -user "$DB_USER" -exec chown -h "$DB_USER:$DB_USER" {} +
    chgrp "$APP_USER" "$STACK/mariadb"
    chmod 0710 "$STACK/mariadb"
}

# Where this installation keeps its compiled files, so that no two share them.
stack_environment() {
    export APP_CONFIG_CACHE="$STACK/cache/config.php" APP_ROUTES_CACHE="$STACK/cache/routes.php"
    export APP_EVENTS_CACHE="$STACK/cache/events.php" VIEW_COMPILED_PATH="$STACK/views"
    [ "$NAME" = app ] || export APP_ENV="$NAME"
}

random_word() { head -c 24 /dev/urandom | base64 | tr '+/' 'ab'; }

env_value() { sed -n "s/^$1=//p" "$ENV_FILE" | tail -n 1; }

env_write() {
    if grep -q "^$1=" "$ENV_FILE"; then
        sed -i "s|^$1=.*|$1=$2|" "$ENV_FILE"
    else
        printf '%s=%s\n' "$1" "$2" >>"$ENV_FILE"
    fi
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() {
    local port=$1
    while port_taken "$port"; do port=$((port + 1)); done
    printf '%s' "$port"
}

# What the command line of a server of this installation has in it, and of no other.
mark_of() {
    case "$1" in
        mariadb) printf '%s' "--datadir=$STACK/mariadb " ;;
        fpm) printf '%s' "php-fpm: master process ($STACK/run/fpm.conf)" ;;
        nginx) printf '%s' "nginx: master process nginx -c $STACK/run/nginx.conf " ;;
        worker) printf '%s' " underpin-worker $STACK " ;;
        *) return 1 ;; # an empty mark would be found in every process of the machine
    esac
}

# The words of a process's command line, with a blank at the end, so that no path is taken for the beginning of a longer one.
command_line() {
    local words=()
    { mapfile -d '' -t words <"/proc/$1/cmdline"; } 2>/dev/null || true
    LINE="${words[*]} "
}

# A pid file may have outlived its process, and its number may be another's now: that one is neither trusted nor ended.
alive() {
    local pid mark LINE
    mark=$(mark_of "$1") && pid=$(cat "$STACK/run/$1.pid" 2>/dev/null) && [[ $pid =~ ^[0-9]+$ ]] || return 1
    command_line "$pid"
    [[ "$LINE" == *"$mark"* ]]
}

pool_name() { printf 'underpin-%s' "$(printf '%s' "$STACK" | md5sum | head -c 12)"; }

# The processes of one server of this installation, also those that its master has left behind when it was killed.
processes_of() {
    local server=$1 mark left folder pid LINE
    mark=$(mark_of "$server") || return 1
    case "$server" in
        fpm) left="php-fpm: pool $(pool_name) " ;;
        worker) left=" queue:work --name=$STACK " ;;
        nginx) left='nginx: worker process ' ;;
        *) left=$mark ;;
    esac
    for folder in /proc/[0-9]*; do
        pid=${folder#/proc/}
        command_line "$pid"
        if [[ "$LINE" == *"$mark"* ]]; then
            printf '%s\n' "$pid"
        elif [[ "$LINE" == *"$left"* ]]; then
            [ "$server" != nginx ] || keeps_open "$pid" "$STACK/log/nginx.log" || continue
            printf '%s\n' "$pid"
        fi
    done
}

keeps_open() { [[ $'\n'"$(readlink "/proc/$1/fd/"* 2>/dev/null)"$'\n' == *$'\n'"$2"$'\n'* ]]; }

stack_processes() {
    local server
    for server in worker nginx fpm mariadb; do processes_of "$server"; done
}

# One start or stop of an installation at a time; the servers do not keep the lock.
stack_lock() {
    exec 9>"$STACK/run/lock"
    flock -n 9 && return
    say "· Another start or stop of this installation is at work: waiting for it"
    flock -w 300 9 || fail "Another start or stop of this installation has been at work for five minutes. Its lock is $STACK/run/lock"
}

stack_unlock() { exec 9>&-; }

serving() { alive mariadb && alive fpm && alive nginx; }

stack_running() { alive mariadb || alive fpm || alive nginx || alive worker; }

# Where nginx answers; APP_URL is where people find it, which may be an https address in front.
stack_url() {
    local at
    at=$(env_value SERVED_AT)
    printf '%s' "${at:-$(env_value APP_URL)}" # of a start before there were two
}

# await SECONDS command…   until it succeeds
await() {
    local until=$((SECONDS + $1))
    shift
    until "$@" >/dev/null 2>&1; do
        [ "$SECONDS" -lt "$until" ] || return 1
        sleep 0.2
    done
}

make_environment() {
    [ -f "$ENV_FILE" ] && return
    ( umask 077; : >"$ENV_FILE" )
    local environment=production
    [ "$NAME" = app ] || environment=$NAME
    env_write APP_ENV "$environment"
    env_write APP_KEY "base64:$(head -c 32 /dev/urandom | base64)"
    env_write DB_HOST 127.0.0.1
    env_write DB_DATABASE underpin
    env_write DB_USERNAME underpin
    env_write DB_PASSWORD "$(random_word)"
}

# The data folder is entered first and the socket named from there: a socket's whole path
# may have 107 characters at most, and a checkout can lie deeper than that.
mariadb_admin() { (cd "$STACK/mariadb" && mariadb --no-defaults --socket=admin.sock --user="$(id -un)" "$@"); }

# Quicker than the port, where its name is short enough; empty: by the port.
database_socket() {
    local whole="$STACK/mariadb/admin.sock"
    [ ${#whole} -gt 107 ] || printf '%s' "$whole"
}

mariadb_create() {
    # Made beside its place and moved there whole, so that an interrupted start leaves no half.
    rm -rf "$STACK/mariadb.new"
    mkdir "$STACK/mariadb.new"
    chown "$DB_USER" "$STACK/mariadb.new"
    "${AS_DB[@]}" mariadb-install-db --no-defaults --datadir="$STACK/mariadb.new" --skip-test-db \
        --auth-root-authentication-method=socket --auth-root-socket-user="$(id -un)" &&
        mv "$STACK/mariadb.new" "$STACK/mariadb" && hand_over_folders
}

mariadb_launch() {
    local sync=1
    [ "$NAME" = app ] || sync=2 # throw-away data need not wait for the disk at every commit
    nohup setsid "${AS_DB[@]}" mariadbd --no-defaults --user="$DB_USER" --datadir="$STACK/mariadb" --socket=admin.sock \
        --bind-address=127.0.0.1 --port="$DB_PORT" --skip-name-resolve --pid-file=mariadb.pid \
        --innodb-flush-log-at-trx-commit="$sync" --innodb-buffer-pool-size=128M \
        --character-set-server=utf8mb4 </dev/null >>"$STACK/log/mariadb.log" 2>&1 9>&- &
    echo $! >"$STACK/run/mariadb.pid"
    await 60 mariadb_admin -e 'select 1'
}

mariadb_grant() {
    local password host schema
    password=$(env_value DB_PASSWORD)
    for host in 127.0.0.1 localhost; do
        for schema in underpin underpin_feature underpin_old underpin_copy; do
            printf "create database if not exists %s character set utf8mb4 collate utf8mb4_unicode_ci;\n" "$schema"
            printf "create user if not exists underpin@'%s';\n" "$host"
            printf "alter user underpin@'%s' identified by '%s';\n" "$host" "$password"
            printf "grant all on %s.* to underpin@'%s';\n" "$schema" "$host"
        done
    done | mariadb_admin
}

stack_up() {
    make_environment
    choose_users
    hand_over_folders
    [ -z "$STAYS_ROOT" ] || say "· The servers run as root: $STAYS_ROOT"
    if serving; then
        STACK_WAS_UP=yes
        return
    fi
    stack_down >/dev/null
    DB_PORT=$(free_port "$(($1 - 5000))")
    HTTP_PORT=$(free_port "$1")
    [ "$HTTP_PORT" = "$1" ] || say "· Port $1 is taken: using $HTTP_PORT"
    env_write DB_PORT "$DB_PORT"
    env_write DB_SOCKET "$(database_socket)"
    env_write SERVED_AT "http://127.0.0.1:$HTTP_PORT"
    case "$(env_value APP_URL)" in
        ''|http://127.0.0.1:*) env_write APP_URL "$(stack_url)" ;;
    esac
    [ -d "$STACK/mariadb/mysql" ] || step "Creating the database" "$STACK/log/create.log" mariadb_create
    step "Starting MariaDB on 127.0.0.1:$DB_PORT" "$STACK/log/mariadb-start.log" mariadb_launch
    step "Setting database rights" "$STACK/log/mariadb-grant.log" mariadb_grant
}

artisan_step() {
    local what=$1
    shift
    rm -f "$APP_CONFIG_CACHE" "$APP_ROUTES_CACHE"
    step "$what" "$STACK/log/artisan-$1.log" artisan "$@"
}

write_fpm_config() {
    cat >"$STACK/run/fpm.conf" <<CONF
[global]
pid = $STACK/run/fpm.pid
error_log = $STACK/log/fpm.log
daemonize = yes

[$(pool_name)]
$([ "$(id -u)" -ne 0 ] || printf 'user = %s\ngroup = %s\n' "$APP_USER" "$APP_USER")
listen = $FPM_SOCKET
$([ "$(id -u)" -ne 0 ] || printf 'listen.owner = %s\nlisten.group = %s\n' "$APP_USER" "$APP_USER")
listen.mode = 0600
pm = static
pm.max_children = 4
clear_env = yes
env[PATH] = /usr/bin:/bin
env[APP_CONFIG_CACHE] = $APP_CONFIG_CACHE
env[APP_ROUTES_CACHE] = $APP_ROUTES_CACHE
env[APP_EVENTS_CACHE] = $APP_EVENTS_CACHE
env[VIEW_COMPILED_PATH] = $VIEW_COMPILED_PATH
env[APP_ENV] = $(env_value APP_ENV)
php_admin_value[error_log] = $STACK/log/php.log
php_admin_flag[log_errors] = on
php_admin_flag[display_errors] = off
php_admin_value[memory_limit] = 256M
php_admin_value[upload_max_filesize] = 128M
php_admin_value[post_max_size] = 130M
php_admin_flag[opcache.enable] = on
php_admin_value[opcache.memory_consumption] = 128
php_admin_value[opcache.max_accelerated_files] = 16000
php_admin_value[opcache.revalidate_freq] = 2
php_admin_flag[expose_php] = off
CONF
}

write_nginx_config() {
    cat >"$STACK/run/nginx.conf" <<CONF
pid $STACK/run/nginx.pid;
error_log $STACK/log/nginx.log warn;
worker_processes 1;
$([ "$(id -u)" -ne 0 ] || printf 'user %s %s;\n' "$APP_USER" "$APP_USER")
events { worker_connections 256; }
http {
    include /etc/nginx/mime.types;
    types { application/manifest+json webmanifest; }
    default_type application/octet-stream;
    access_log off;
    server_tokens off;
    sendfile on;
    gzip on;
    gzip_comp_level 5;
    gzip_min_length 600;
    gzip_types text/css application/javascript text/javascript application/json image/svg+xml;
    client_max_body_size 130m; # the app knows how much each of its pages takes
    client_body_temp_path $STACK/run/body;
    fastcgi_temp_path $STACK/run/fastcgi;
    proxy_temp_path $STACK/run/proxy;
    uwsgi_temp_path $STACK/run/uwsgi;
    scgi_temp_path $STACK/run/scgi;
    server {
        listen 127.0.0.1:$HTTP_PORT;
        root $ROOT/public;
        index index.php;
        location /build/ { expires 1y; add_header Cache-Control "public, immutable"; add_header X-Content-Type-Options nosniff; }
        location / { try_files \$uri /index.php?\$query_string; }
        location = /index.php {
            include /etc/nginx/fastcgi_params;
            fastcgi_param HTTP_HOST \$http_host;
            fastcgi_param SCRIPT_FILENAME $ROOT/public/index.php;
            fastcgi_pass unix:$FPM_SOCKET;
            fastcgi_buffers 32 16k;
            fastcgi_read_timeout 120s;
        }
        location ~ /\. { deny all; }
        error_page 413 /too-large.html;
        error_page 502 503 504 /unavailable.html;
    }
}
CONF
}

# A socket's whole path may have 107 characters at most: where a checkout lies deeper, a folder of our own in /tmp.
fpm_socket() {
    local folder="$STACK/run"
    if [ $((${#folder} + 9)) -gt 107 ]; then
        folder="/tmp/$(pool_name)"
        mkdir -m 0700 "$folder" 2>/dev/null ||
            { [ -d "$folder" ] && [ ! -L "$folder" ] && { [ -O "$folder" ] || [ "$(stat -c %U "$folder")" = "$APP_USER" ]; } } &&
            chown "$APP_USER" "$folder" && chmod 0700 "$folder" ||
            fail "'$folder', where the socket of php-fpm would lie, belongs to somebody else. Take it away, or choose a shorter path."
    fi
    FPM_SOCKET="$folder/fpm.sock"
    rm -f "$FPM_SOCKET"
}

# With the classes of the core read once: who changes one starts the app anew.
fpm_launch() {
    local as_root=()
    [ "$(id -u)" -ne 0 ] || as_root=(-d "opcache.preload_user=$APP_USER")
    [ "$APP_USER" != root ] || as_root+=(--allow-to-run-as-root)
    env -u APP_ENV php-fpm8.2 --fpm-config "$STACK/run/fpm.conf" -d "opcache.preload=$ROOT/bootstrap/preload.php" "${as_root[@]}" 9>&-
    await 20 test -S "$FPM_SOCKET"
}

nginx_launch() {
    nginx -c "$STACK/run/nginx.conf" -e "$STACK/log/nginx.log" 9>&-
    await 20 port_taken "$HTTP_PORT"
}

# The worker of the queue, and a watcher that starts it anew when it ends or is killed. Both are
# one group of processes, led by the watcher.
worker_launch() {
    worker_stop || true
    end_leftovers worker || true
    nohup setsid "${AS_APP[@]}" bash -c '
        while :; do
            php artisan queue:work --name="$1" --sleep=0.2 --tries=5 --timeout=900 --memory=256 --max-time=3600 --no-interaction
            (php artisan underpin:remind --no-interaction >/dev/null 2>&1 &) # an hour has passed, or it was killed
            sleep 0.5
        done' underpin-worker "$STACK" </dev/null >>"$STACK/log/worker.log" 2>&1 9>&- &
    echo $! >"$STACK/run/worker.pid"
    await 5 alive worker
}

# Waits for the end of the work at hand; what is not done in that time is done at the next start.
worker_stop() {
    local pid
    if ! alive worker; then
        rm -f "$STACK/run/worker.pid"
        return 1
    fi
    pid=$(cat "$STACK/run/worker.pid")
    kill -TERM -- "-$pid" 2>/dev/null || true
    await 10 eval "! kill -0 -- -$pid" || kill -KILL -- "-$pid" 2>/dev/null || true
    rm -f "$STACK/run/worker.pid"
}

page_answers() { php -r 'exit(@file_get_contents($argv[1]) === false ? 1 : 0);' "$(stack_url)/sign-in"; }

compile_app() { artisan config:cache && artisan route:cache && artisan view:cache; }

serve_up() {
    step "Compiling settings, routes and views" "$STACK/log/compile.log" compile_app
    if [ "$STACK_WAS_UP" = yes ]; then
        kill -USR2 "$(cat "$STACK/run/fpm.pid")" # take up the freshly compiled settings
    else
        fpm_socket
        write_fpm_config
        write_nginx_config
        step "Starting php-fpm" "$STACK/log/fpm-start.log" fpm_launch
        step "Starting nginx on 127.0.0.1:$HTTP_PORT" "$STACK/log/nginx-start.log" nginx_launch
    fi
    step "Starting the worker of the queue" "$STACK/log/worker-start.log" worker_launch
    step "Waiting for the first page" "$STACK/log/first-page.log" await 60 page_answers
}

stack_down() {
    local server pid stopped=''
    worker_stop && stopped=' worker'
    for server in nginx fpm mariadb; do
        if ! alive "$server"; then
            rm -f "$STACK/run/$server.pid" # of a process that is no more, or of somebody else's
            continue
        fi
        pid=$(cat "$STACK/run/$server.pid")
        kill -TERM "$pid" 2>/dev/null || true
        await 30 eval "! kill -0 $pid" || kill -KILL "$pid" 2>/dev/null || true
        rm -f "$STACK/run/$server.pid"
        stopped="$stopped $server"
    done
    for server in worker nginx fpm mariadb; do
        end_leftovers "$server" && stopped="$stopped (left over: $server)"
    done
    [ -z "$stopped" ] || say "Stopped:$stopped"
}

# What a master that was killed has left: it holds ports and works on. Asked first, then made to.
end_leftovers() {
    local server=$1 pids
    mapfile -t pids < <(processes_of "$server")
    [ ${#pids[@]} -gt 0 ] || return 1
    kill -TERM "${pids[@]}" 2>/dev/null || true
    await 10 none_left "$server" && return
    mapfile -t pids < <(processes_of "$server")
    kill -KILL "${pids[@]}" 2>/dev/null || true
}

none_left() { [ -z "$(processes_of "$1")" ]; }

stack_watch() {
    while serving; do sleep 1; done
    stack_lock # whoever stops or starts it from another terminal comes to its end first
    [ -f "$STACK/run/nginx.pid" ] || return 0
    if serving; then
        stack_unlock
        stack_watch
        return
    fi
    stack_down
    fail "a server stopped by itself. Its log is in $STACK/log"
}
