# Shared by bin/start and bin/test: installs what is missing and prepares the project.

say() { printf '%s\n' "$*" >&2; }

have_package() { dpkg-query -W -f='${Status}' "$1" 2>/dev/null | grep -q 'ok installed'; }

# Debian packages that are missing, or nothing.
missing_packages() {
    for package in "$@"; do
        have_package "$package" || printf '%s ' "$package"
    done
}

install_packages() {
    local missing
    missing=$(missing_packages "$@")
    [ -z "$missing" ] && return 0
    if [ "$(id -u)" -ne 0 ]; then
        say "Some of what Open Glaze needs is missing. Run this once as root, then start again:"
        say "apt-get update && apt-get install -y ${missing% }"
        exit 1
    fi
    say "Installing ${missing% } …"
    export DEBIAN_FRONTEND=noninteractive
    mkdir -p storage/logs
    # shellcheck disable=SC2086
    if ! { apt-get update -qq && apt-get install -y -qq --no-install-recommends $missing; } >storage/logs/install.log 2>&1; then
        tail -n 20 storage/logs/install.log >&2
        say "That did not work; storage/logs/install.log has all of it."
        exit 1
    fi
}

PHP_PACKAGES="php8.2-cli php8.2-sqlite3 php8.2-curl php8.2-zip php8.2-gd php8.2-mbstring php8.2-xml php8.2-intl composer unzip ca-certificates curl"

need_php() {
    local packages="$PHP_PACKAGES"
    command -v composer >/dev/null && packages=${packages/ composer/}
    # shellcheck disable=SC2086
    install_packages $packages "$@"
}

# What serves, from Debian's packages: unpacked into the project, so that no service starts on this machine by itself.
need_serving() {
    local tools="$PWD/.tools/serving" version
    [ -x "$tools/usr/bin/caddy" ] && [ -x "$tools/usr/sbin/php-fpm8.2" ] && "$tools/usr/sbin/php-fpm8.2" -v >/dev/null 2>&1 && return 0
    install_packages libapparmor1 util-linux
    say "Fetching Caddy and PHP-FPM …"
    rm -rf "$tools" "$tools.new"
    mkdir -p "$tools.new/packages" storage/logs
    # the same release as the PHP that is here, where the archive still has it
    version=$(dpkg-query -W -f='${Version}' php8.2-cli)
    if ! (
        cd "$tools.new/packages"
        fetch() { apt-get download -q caddy "php8.2-fpm=$version" || apt-get download -q caddy php8.2-fpm; }
        fetch || { [ "$(id -u)" -eq 0 ] && apt-get update -qq && fetch; }
    ) >>storage/logs/install.log 2>&1; then
        say "Caddy and PHP-FPM could not be fetched. Run this once as root, then start again:"
        say "apt-get update"
        exit 1
    fi
    for package in "$tools.new/packages/"*.deb; do
        dpkg-deb -x "$package" "$tools.new"
    done
    rm -rf "$tools.new/packages"
    mv "$tools.new" "$tools"
}

node_is_new_enough() {
    command -v node >/dev/null && node -e '
        const [major, minor] = process.versions.node.split(".").map(Number)
        process.exit((major === 20 && minor >= 19) || (major === 22 && minor >= 12) || major > 22 ? 0 : 1)'
}

NODE_VERSION=22.12.0

# Node 20.19 or 22.12 or newer; where Debian's is older, the npm registry's own package of Node, into the project.
need_node() {
    if [ -x .tools/node_modules/.bin/node ]; then
        PATH="$PWD/.tools/node_modules/.bin:$PATH"
    fi
    if ! node_is_new_enough; then
        command -v npm >/dev/null || install_packages nodejs npm
        local machine
        case "$(uname -m)" in
            x86_64) machine=x64 ;;
            aarch64) machine=arm64 ;;
            *) say "There is no Node for $(uname -m) here. Install Node 22 and start again."; exit 1 ;;
        esac
        say "Fetching Node $NODE_VERSION …"
        mkdir -p .tools
        npm install --silent --no-save --no-package-lock --prefix .tools "node-linux-$machine@$NODE_VERSION" >&2
        mkdir -p .tools/node_modules/.bin
        ln -sf "../node-linux-$machine/bin/node" .tools/node_modules/.bin/node
        PATH="$PWD/.tools/node_modules/.bin:$PATH"
    fi
    export PATH
}

# A fingerprint of files, to tell whether a step has to be done again.
fingerprint() { cat "$@" 2>/dev/null | sha256sum | cut -d' ' -f1; }

# once NAME FINGERPRINT COMMAND…: does it unless it was done for the same fingerprint.
once() {
    local mark="storage/run/$1" print="$2"
    shift 2
    if [ "$(cat "$mark" 2>/dev/null)" != "$print" ]; then
        "$@"
        mkdir -p storage/run
        printf '%s' "$print" >"$mark"
    fi
}

# What serves needs no packages of the tests; where the tests have put theirs, they stay.
install_php_libraries() {
    say "Installing the PHP libraries …"
    local dev=--no-dev
    if [ "${WITH_TESTS:-no}" = yes ] || [ -x vendor/bin/phpunit ]; then
        dev=
    fi
    # shellcheck disable=SC2086
    COMPOSER_ALLOW_SUPERUSER=1 composer install $dev --no-interaction --no-progress --quiet >&2
}

install_js_libraries() {
    say "Installing the libraries of the interface …"
    npm ci --silent --no-audit --no-fund >&2
}

build_interface() {
    say "Building the interface …"
    mkdir -p storage/logs
    if ! npx --no-install vite build --logLevel warn >storage/logs/build.log 2>&1; then
        cat storage/logs/build.log >&2
        return 1
    fi
}

# Keeps a log from growing for ever: what is older than the last megabytes goes.
turn_log() {
    if [ -f "$1" ] && [ "$(stat -c %s "$1")" -gt 4194304 ]; then
        mv -f "$1" "$1.1"
    fi
}

interface_files() { find resources/js resources/css -type f | LC_ALL=C sort; }

# Two that start at once in one folder: one waits until the other has installed and built.
prepare() {
    mkdir -p storage/run
    exec 6>storage/run/prepare.lock
    flock 6
    [ -d vendor ] || rm -f storage/run/php-libraries
    [ "${WITH_TESTS:-no}" = no ] || [ -x vendor/bin/phpunit ] || rm -f storage/run/php-libraries
    [ -d node_modules ] || rm -f storage/run/js-libraries
    { [ -f public/build/manifest.json ] && [ -f public/worker.js ]; } || rm -f storage/run/interface
    once php-libraries "$(fingerprint composer.json packages/*/composer.json)" install_php_libraries
    once js-libraries "$(fingerprint package.json package-lock.json)" install_js_libraries
    # shellcheck disable=SC2046
    once interface "$(fingerprint package-lock.json vite.config.ts $(interface_files))" build_interface
    mkdir -p storage/framework/cache/data storage/framework/sessions storage/framework/views storage/logs storage/run storage/app/private bootstrap/cache
    if [ ! -f .env ]; then
        (umask 077 && printf 'APP_KEY=base64:%s\n' "$(head -c 32 /dev/urandom | base64)" >.env)
    fi
    exec 6>&-
}
