// Keeps what a disk holds after the current has gone: a file is what it was when it was last synced, and nothing else of it is there.
// Preloaded into the browser; files below $CUT_FROM that are synced are copied below $CUT_TO.
#define _GNU_SOURCE
#include <dlfcn.h>
#include <fcntl.h>
#include <limits.h>
#include <stdio.h>
#include <stdlib.h>
#include <string.h>
#include <sys/stat.h>
#include <unistd.h>

/* Where a file below CUT_FROM is kept; 0 for any other. */
static int kept(const char *path, char *out) {
  const char *from = getenv("CUT_FROM"), *to = getenv("CUT_TO");
  if (!from || !to || strncmp(path, from, strlen(from)) != 0) return 0;
  return snprintf(out, PATH_MAX, "%s%s", to, path + strlen(from)) < PATH_MAX;
}

static void make_parents(const char *path) {
  char part[PATH_MAX];
  for (const char *p = strchr(path + 1, '/'); p; p = strchr(p + 1, '/')) {
    memcpy(part, path, p - path);
    part[p - path] = 0;
    mkdir(part, 0755);
  }
}

/* How long a file is, or -1. What was written before a sync is on the disk after it; what is appended meanwhile may not be. */
static off_t length_of(int fd) {
  struct stat is;
  return fstat(fd, &is) == 0 && S_ISREG(is.st_mode) ? is.st_size : -1;
}

static void keep(int fd, off_t left) {
  char link[64], path[PATH_MAX], to[PATH_MAX], half[PATH_MAX + 16];
  if (left < 0) return;
  snprintf(link, sizeof link, "/proc/self/fd/%d", fd);
  ssize_t n = readlink(link, path, sizeof path - 1);
  if (n < 0) return;
  path[n] = 0;
  if (!kept(path, to)) return;
  make_parents(to);
  snprintf(half, sizeof half, "%s.%d", to, (int)getpid());
  int in = open(link, O_RDONLY), out = open(half, O_WRONLY | O_CREAT | O_TRUNC, 0644);
  if (in >= 0 && out >= 0) {
    char part[65536];
    while (left > 0) {
      n = read(in, part, left < (off_t)sizeof part ? (size_t)left : sizeof part);
      if (n <= 0 || write(out, part, n) != n) break;
      left -= n;
    }
    if (left == 0) rename(half, to);
  }
  if (in >= 0) close(in);
  if (out >= 0) close(out);
}

static int synced(const char *by, int fd) {
  int (*real)(int) = dlsym(RTLD_NEXT, by);
  off_t length = length_of(fd);
  int failed = real(fd);
  if (!failed) keep(fd, length);
  return failed;
}

int fsync(int fd) { return synced("fsync", fd); }

int fdatasync(int fd) { return synced("fdatasync", fd); }

/* A file system writes names in their order: a renamed file is found under its new name, with what of it was synced. */
int rename(const char *from, const char *to) {
  int (*real)(const char *, const char *) = dlsym(RTLD_NEXT, "rename");
  int failed = real(from, to);
  char a[PATH_MAX], b[PATH_MAX];
  if (!failed && kept(from, a) && kept(to, b)) real(a, b);
  return failed;
}
