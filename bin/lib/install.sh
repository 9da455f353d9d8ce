# What a fresh Debian 12 with PHP, Composer and Node still lacks.
RUN_PACKAGES=(curl nginx-light php8.2-cli php8.2-fpm php8.2-pgsql php8.2-curl php8.2-intl php8.2-mbstring php8.2-xml php8.2-zip postgresql-15 procps unzip)
TEST_PACKAGES=(chromium chromium-driver python3-scipy python3-icalendar python3-vobject r-base-core)
NPM_MAJOR=11

package_installed() { [ "$(dpkg-query -W -f='${db:Status-Status}' "$1" 2>/dev/null)" = installed ]; }
extension_package() { case "$1" in pdo_pgsql) echo php8.2-pgsql ;; dom) echo php8.2-xml ;; openssl) echo php8.2-cli ;; *) echo "php8.2-$1" ;; esac; }
as_root() { [ "$(id -u)" -eq 0 ] && echo "" || echo "sudo "; }
apt_command() { echo "$(as_root)apt-get install -y --no-install-recommends $*"; }

# One installation of packages at a time on the machine.
in_turn=(flock --wait 900 /var/lib/dpkg)

install_packages() {
    local missing=() package
    for package in "$@"; do
        package_installed "$package" || missing+=("$package")
    done
    [ ${#missing[@]} -eq 0 ] && return
    if [ "$(id -u)" -ne 0 ] && ! sudo -n true 2>/dev/null; then
        die 1 "These packages are missing. Install them, then start again: $(apt_command "${missing[@]}")"
    fi
    step "Reading the package lists" "${in_turn[@]}" $(as_root)apt-get update
    step "Mending interrupted installs" "${in_turn[@]}" $(as_root)dpkg --configure -a
    step "Installing ${#missing[@]} packages" "${in_turn[@]}" $(as_root)env DEBIAN_FRONTEND=noninteractive RUNLEVEL=1 \
        apt-get install -y --no-install-recommends -o DPkg::Lock::Timeout=300 "${missing[@]}"
}

composer_sum() { sum_of composer.json packages compat; }

install_composer() {
    local sum
    sum="$(composer_sum)"
    is_current composer "$sum" && [ -f "$ROOT/vendor/autoload.php" ] && return
    step "Installing PHP packages" env COMPOSER_ALLOW_SUPERUSER=1 composer --working-dir="$ROOT" update --no-interaction --no-progress
    chmod -R a+rX "$ROOT/vendor" # some packages come readable by their owner alone
    mark_current composer "$sum"
}

npm_sum() { sum_of package.json package-lock.json; }

# The build tool needs npm 11; an older npm fetches it as a package.
npm_here() {
    if [ "$(npm --version 2>/dev/null | cut -d. -f1)" -ge "$NPM_MAJOR" ]; then
        npm --prefix "$ROOT" "$@"
    else
        npx --yes "npm@$NPM_MAJOR" --prefix "$ROOT" "$@"
    fi
}

install_npm() {
    local sum
    sum="$(npm_sum)"
    is_current npm "$sum" && [ -d "$ROOT/node_modules/vite" ] && return
    step "Installing client packages" npm_here ci --no-audit --no-fund
    mark_current npm "$sum"
}

client_sum() { sum_of client package-lock.json vite.config.ts tsconfig.json; }

build_client() {
    local sum
    sum="$(client_sum)"
    is_current client "$sum" && [ -f "$ROOT/public/build/index.html" ] && return
    step "Building the client" npm_here run build
    chmod -R a+rX "$ROOT/public"
    mark_current client "$sum"
}
