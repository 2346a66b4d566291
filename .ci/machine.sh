# What the program and its tests need of the machine; sourced by ./promedio and ./check. As root, missing packages are
# installed; otherwise they are named.

apt_updated=no

# install_packages WHAT PACKAGE...: installs the Debian packages, or says which are missing.
install_packages() {
    local what=$1
    shift
    if [ "$(id -u)" = 0 ] && command -v apt-get >/dev/null; then
        echo "Installing $what: $* ..." >&2
        if [ "$apt_updated" = no ]; then
            apt-get update -qq >/dev/null 2>&1
            apt_updated=yes
        fi
        DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends "$@" >/dev/null 2>&1 && return 0
        echo "These packages could not be installed: $*." >&2
        return 1
    fi
    echo "Promedio needs $what. Install these packages and start again: $*." >&2
    return 1
}

java_is_recent() {
    command -v java >/dev/null && [ "$(java -version 2>&1 | sed -n 's/.* version "\([0-9]*\).*/\1/p' | head -n 1)" -ge 17 ] 2>/dev/null
}

need_java() {
    java_is_recent || install_packages "Java 17" openjdk-17-jdk
}

need_maven() {
    { command -v mvn >/dev/null && command -v javac >/dev/null; } || install_packages "Maven and a Java compiler" openjdk-17-jdk maven
}

# Names outside ASCII are files too, whatever the language of the user's shell.
case $(locale charmap 2>/dev/null) in
    UTF-8) ;;
    *) export LC_ALL=C.UTF-8 ;;
esac

# An ordinary user's path has no /sbin, where ldconfig is.
has_library() {
    PATH=$PATH:/usr/sbin:/sbin ldconfig -p 2>/dev/null | grep -q "$1"
}

need_window() {
    { has_library libgtk-3.so.0 && has_library libXtst.so.6 && has_library libGL.so.1 && [ -d /usr/share/fonts/truetype/dejavu ]; } ||
        install_packages "a window library" libgtk-3-0 libxtst6 libgl1 fonts-dejavu-core
}

need_stage() {
    { command -v Xvfb >/dev/null && command -v openbox >/dev/null && command -v xdpyinfo >/dev/null; } ||
        install_packages "a display without a monitor" xvfb xauth x11-utils openbox
}

stage_processes=()

is_free() {
    [ ! -e "/tmp/.X11-unix/X$1" ] && [ ! -e "/tmp/.X$1-lock" ]
}

# open_stage NUMBER: a display without a monitor and a window manager on it; both are ended by their process ids.
open_stage() {
    Xvfb ":$1" -r -screen 0 1280x800x24 >/dev/null 2>&1 &
    local server=$! tries=0
    stage_processes=("$server" "${stage_processes[@]}")
    until DISPLAY=":$1" xdpyinfo >/dev/null 2>&1; do
        tries=$((tries + 1))
        if [ "$tries" -gt 100 ] || ! kill -0 "$server" 2>/dev/null; then
            echo "The display without a monitor did not start." >&2
            stop_stage
            return 1
        fi
        sleep 0.1
    done
    DISPLAY=":$1" openbox >/dev/null 2>&1 &
    stage_processes=($! "${stage_processes[@]}")
}

# One display, for a program.
start_stage() {
    local number=90
    until is_free "$number"; do number=$((number + 1)); done
    open_stage "$number" || return 1
    export DISPLAY=":$number"
}

# Two displays, N1 and N2, for two processes that test beside each other.
start_stages() {
    local begins=9
    until is_free "${begins}1" && is_free "${begins}2"; do begins=$((begins + 1)); done
    open_stage "${begins}1" && open_stage "${begins}2" || return 1
    export PROMEDIO_STAGES=$begins DISPLAY=":${begins}1"
}

stop_stage() {
    for process in "${stage_processes[@]}"; do
        kill "$process" 2>/dev/null && wait "$process" 2>/dev/null
    done
    stage_processes=()
    return 0
}
