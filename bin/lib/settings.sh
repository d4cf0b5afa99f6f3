# The settings of the installation in this folder: from the environment, otherwise from .env. Sourced by the scripts in bin/.

setting() {
    local name=$1
    if [ -n "${!name+set}" ]; then printf '%s' "${!name}"; return; fi
    [ -f "$ROOT/.env" ] || stop_with "There is no .env in $ROOT, so it is not known where the data is; see docs/installing.md."
    php -r 'require $argv[1]."/vendor/autoload.php"; echo Dotenv\Dotenv::parse((string) file_get_contents($argv[1]."/.env"))[$argv[2]] ?? $argv[3];' "$ROOT" "$name" "${2:-}"
}

# A file by which MariaDB's programs sign in, so that no password stands in a list of processes.
write_client() {
    local password
    password=$(setting DB_PASSWORD)
    password=${password//\\/\\\\}
    printf '[client]\nhost="%s"\nport="%s"\nuser="%s"\npassword="%s"\ndefault-character-set=utf8mb4\n' \
        "$(setting DB_HOST 127.0.0.1)" "$(setting DB_PORT 3306)" "$(setting DB_USERNAME paper_kite)" "${password//\"/\\\"}" >"$1"
}
