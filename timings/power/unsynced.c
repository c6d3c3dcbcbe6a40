/*
 * Loses, when the power goes, all that was written and not synced: preloaded into a server, it copies a file of the watched folder beside
 * it each time that file is synced. After a kill what stands in the copies is what a disk would have kept that writes nothing before it
 * must.
 *   cc -shared -fPIC -o unsynced.so unsynced.c -ldl
 *   LD_PRELOAD='unsynced.so libsqlite3.so.0' UNSYNCED_FROM=/folder UNSYNCED_TO=/copies
 */
#define _GNU_SOURCE
#include <dlfcn.h>
#include <fcntl.h>
#include <limits.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <unistd.h>

static void keep(int fd) {
    const char *from = getenv("UNSYNCED_FROM"), *to = getenv("UNSYNCED_TO");
    char link[64], path[PATH_MAX], part[PATH_MAX], copy[PATH_MAX], block[1 << 16];
    ssize_t length, read_now;
    off_t at = 0;
    if (!from || !to) return;
    snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
    length = readlink(link, path, sizeof path - 1);
    if (length < 0) return;
    path[length] = 0;
    if (strncmp(path, from, strlen(from)) != 0) return;
    snprintf(copy, sizeof copy, "%s/%s", to, strrchr(path, '/') + 1);
    snprintf(part, sizeof part, "%s.%d", copy, getpid());
    int out = open(part, O_WRONLY | O_CREAT | O_TRUNC, 0600);
    if (out < 0) return;
    while ((read_now = pread(fd, block, sizeof block, at)) > 0) {
        if (write(out, block, read_now) != read_now) break;
        at += read_now;
    }
    close(out);
    rename(part, copy);
}

int fsync(int fd) {
    int (*real)(int) = dlsym(RTLD_NEXT, "fsync");
    int done = real(fd);
    if (done == 0) keep(fd);
    return done;
}

int fdatasync(int fd) {
    int (*real)(int) = dlsym(RTLD_NEXT, "fdatasync");
    int done = real(fd);
    if (done == 0) keep(fd);
    return done;
}
