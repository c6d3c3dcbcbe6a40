# What bin/demo and bin/test both need: shell functions, sourced.

export COMPOSER_ALLOW_SUPERUSER=1 NPM_CONFIG_UPDATE_NOTIFIER=false

say() { printf '· %s\n' "$*"; }
fail() { printf '✕ %s\n' "$*" >&2; exit 1; }

# Ends the development server: its workers first, while they are still its children.
stop_server() {
    pkill -P "$1" 2> /dev/null || true
    kill "$1" 2> /dev/null || true
}

# Runs something long with its output in a log, and says how it goes: every ten seconds, and at the end.
quietly() {
    local what="$1" log; shift
    log="$(mktemp)"
    say "$what …"
    local started=$SECONDS
    "$@" > "$log" 2>&1 &
    local pid=$! last=0
    while kill -0 "$pid" 2>/dev/null; do
        sleep 0.2
        if [ $((SECONDS - started)) -ge $((last + 10)) ]; then
            last=$((SECONDS - started))
            say "  still at it, ${last} s"
        fi
    done
    if ! wait "$pid"; then
        tail -n 40 "$log" >&2
        rm -f "$log"
        fail "$what did not work."
    fi
    rm -f "$log"
    say "  done in $((SECONDS - started)) s"
}

# Installs the Debian packages that are missing where that is allowed, and otherwise names them in one line.
need_packages() {
    [ $# -eq 0 ] && return
    if [ "$(id -u)" = 0 ] && command -v apt-get > /dev/null; then
        quietly "Installing system packages: $*" sh -c "apt-get update -qq && DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends $*"
    else
        fail "Missing system packages. Install them with: sudo apt-get install $*"
    fi
}

need_system() {
    local missing=() extension loaded
    command -v php > /dev/null || missing+=(php8.2-cli)
    loaded="$(php -m 2> /dev/null || true)"
    for extension in pdo_sqlite:sqlite3 mbstring:mbstring dom:xml curl:curl zip:zip intl:intl; do
        grep -qix "${extension%%:*}" <<< "$loaded" || missing+=("php8.2-${extension##*:}")
    done
    command -v unzip > /dev/null || missing+=(unzip)
    command -v curl > /dev/null || missing+=(curl)
    command -v pkill > /dev/null || missing+=(procps)
    for extension in "$@"; do
        case "$extension" in
            chromium) command -v chromium > /dev/null || missing+=(chromium) ;;
            ngspice) command -v ngspice > /dev/null || missing+=(ngspice) ;;
            pdftotext) command -v pdftotext > /dev/null || missing+=(poppler-utils) ;;
        esac
    done
    need_packages "${missing[@]}"
    command -v composer > /dev/null || fail "Composer is missing: install it from Debian (apt-get install composer) or its own site."
    command -v node > /dev/null || fail "Node is missing: version 20.19 or newer is needed."
    node -e 'const [a, b] = process.versions.node.split(".").map(Number); process.exit(a > 20 || (a === 20 && b >= 19) ? 0 : 1)' \
        || fail "Node $(node -v) is too old: version 20.19 or newer is needed."
}

# One argument: with-dev or no-dev. What is installed for the tests serves the demo too.
need_php_packages() {
    # A developer's packages are not taken away by a demo.
    [ -x vendor/bin/pest ] && set -- with-dev
    local want; want="$1 $(sha256sum < composer.json)"
    if [ -f vendor/autoload.php ] && { [ "$(cat vendor/.installed-for 2> /dev/null)" = "$want" ] || [ "$(cat vendor/.installed-for 2> /dev/null)" = "with-dev ${want#* }" ]; }; then
        return
    fi
    local flags=(--no-interaction --no-progress --prefer-dist)
    [ "$1" = no-dev ] && flags+=(--no-dev)
    need_env_file
    quietly "Installing PHP packages" composer install "${flags[@]}"
    echo "$want" > vendor/.installed-for
}

need_node_packages() {
    local want; want="$(sha256sum < package-lock.json)"
    [ "$(cat node_modules/.installed-for 2> /dev/null)" = "$want" ] && return
    quietly "Installing front-end packages" npm ci --no-audit --no-fund
    echo "$want" > node_modules/.installed-for
}

need_build() {
    local want; want="$(find resources package-lock.json vite.config.ts -type f -print0 | sort -z | xargs -0 sha256sum | sha256sum)"
    [ -f public/build/manifest.json ] && [ "$(cat public/build/.built-from 2> /dev/null)" = "$want" ] && return
    quietly "Building the front end" npx vite build
    echo "$want" > public/build/.built-from
}

need_env_file() {
    [ -f .env ] || cp .env.example .env
}

need_env() {
    need_env_file
    grep -q '^APP_KEY=base64:' .env || php artisan key:generate --force --quiet
}
