# Finds and ends processes by what the kernel says of them. Sourced by servers.sh and keeper.sh.

# All processes of these sessions: a server's workers outlive a master that was killed, and hold its port.
session_members() {
    local stat line pid sid
    for stat in /proc/[0-9]*/stat; do
        line=$(cat "$stat" 2>/dev/null) || continue
        pid=${line%% *}
        # After the name, which may hold anything: state, parent, group, session.
        sid=$(awk '{print $4}' <<<"${line##*) }")
        case " $* " in *" $sid "*) [ "$pid" = "$$" ] || [ "$pid" = "$BASHPID" ] || echo "$pid" ;; esac
    done
}

# Asks, waits ten seconds, then insists.
end_processes() {
    local i pid
    [ $# -gt 0 ] || return 0
    kill -TERM "$@" 2>/dev/null
    for ((i = 0; i < 100; i++)); do
        for pid in "$@"; do kill -0 "$pid" 2>/dev/null && break; done || return 0
        sleep 0.1
    done
    kill -KILL "$@" 2>/dev/null
    return 0
}
