#!/usr/bin/env bash
# Keeps one server up until it is told to end; started by keep() in servers.sh, in a session of its own.
#
#   keeper.sh FILE COMMAND     the sessions in which the server's processes stand are noted in FILE; COMMAND is one
#                              text, quoted for the shell
. "$(dirname "${BASH_SOURCE[0]}")/processes.sh"

end() {
    trap '' TERM
    [ -z "${child:-}" ] || kill -TERM "$child" 2>/dev/null
    for ((i = 0; i < 100; i++)); do kill -0 "${child:-0}" 2>/dev/null || break; sleep 0.1; done
    kill -KILL $(session_members $$ "${child:-}") 2>/dev/null
    exit 0
}
trap end TERM

while :; do
    (trap - TERM; eval "exec $2") &
    child=$!
    # Some servers begin a session of their own.
    echo "$$ $child" >"$1"
    wait "$child"
    # Workers whose master was killed would stand in the way of the next one.
    kill -KILL $(session_members $$ "$child") 2>/dev/null
    sleep 1 &
    wait $!
done
