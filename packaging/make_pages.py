#!/usr/bin/env python3
"""Makes what a package ships beside the programs: manual pages, completions, the changelog.

Usage: make_pages.py REFERO_CLI VERSION CHANGELOG.md OUT

The manual pages and completions of refero-cli follow from what it says of itself (--help), so they cannot differ from it.
SPDX-License-Identifier: GPL-3.0-or-later
"""
import datetime
import email.utils
import gzip
import pathlib
import re
import subprocess
import sys
import textwrap

cli, version, changes, out = sys.argv[1], sys.argv[2], pathlib.Path(sys.argv[3]), pathlib.Path(sys.argv[4])
AUTHORS = "The Refero authors <authors@refero.example>"


def help_of(*words):
    return subprocess.run([cli, *words, "--help"], check=True, capture_output=True, text=True).stdout


class Help:
    """A verb's own words: what it does, its usage, and its sections of (name, what it is)."""

    def __init__(self, text):
        head, _, rest = text.partition("\nUsage: ")
        self.what = " ".join(head.split())
        self.usage, _, rest = rest.partition("\n")
        self.sections, rows = {}, None
        for line in rest.splitlines():
            if re.match(r"^\S.*:$", line):
                rows = self.sections.setdefault(line[:-1], [])
            elif rows is not None and re.match(r"^  \S", line):
                name, _, words = line.strip().partition("  ")
                rows.append([name, words.strip()])
            elif rows and line.strip():
                rows[-1][1] = (rows[-1][1] + " " + line.strip()).strip()

    def rows(self, section):
        return self.sections.get(section, [])


def roff(text):
    text = text.replace("\\", "\\e").replace("-", "\\-").replace("'", "\\(aq")
    return "\\&" + text if text.startswith(".") else text


def date_and_notes():
    """Of the newest release."""
    found = re.search(r"^## (\S+) \((\d{4}-\d\d-\d\d)\)\n(.*?)(?=^## |\Z)", changes.read_text(), re.M | re.S)
    if not found or found.group(1) != version:
        sys.exit(f"{changes.name} does not begin with version {version}.")
    return datetime.date.fromisoformat(found.group(2)), re.sub(r"\n  +", " ", found.group(3)).strip().splitlines()


RELEASED, NOTES = date_and_notes()


def page(name, what, body):
    title = f'.TH "{name.upper()}" 1 "{RELEASED:%B %Y}" "Refero {version}" "User commands"\n'
    return f"{title}.SH NAME\n{roff(name)} \\- {roff(what)}\n{body}"


def options(rows):
    return "".join(f".TP\n.B {roff(name)}\n{roff(words) or '.'}\n" for name, words in rows)


def write(path, text):
    path = out / path
    path.parent.mkdir(parents=True, exist_ok=True)
    # No name and no time in it: the same source makes the same package.
    with open(path, "wb") as raw, gzip.GzipFile("", "wb", 9, raw, mtime=0) as file:
        file.write(text.encode())


whole = Help(help_of())
verbs = {name: Help(help_of(name)) for name, _ in whole.rows("Subcommands")}


def pages():
    see = ", ".join(f"\\fBrefero\\-cli\\-{roff(v)}\\fR(1)" for v in verbs)
    body = f".SH SYNOPSIS\n.B refero\\-cli\n.I verb\n[options]\n.SH DESCRIPTION\n{roff(whole.what)}\n"
    body += "Every verb has a manual page of its own.\n.SH VERBS\n" + options(whole.rows("Subcommands"))
    body += ".SH OPTIONS\n" + options(whole.rows("Options"))
    body += ".SH EXIT STATUS\n0 where all was done, 2 where something was wrong with what was asked or given; a sentence on standard error says what.\n"
    write("man/man1/refero-cli.1.gz", page("refero-cli", "measure colour charts and make corrections without the window",
                                           body + f".SH SEE ALSO\n\\fBrefero\\fR(1), {see}\n"))
    for verb, told in verbs.items():
        usage = roff(re.sub(r"^\S*refero-cli ", "refero-cli ", told.usage))
        body = f".SH SYNOPSIS\n{usage}\n.SH DESCRIPTION\n{roff(told.what)}\n"
        if told.rows("Positionals"):
            body += ".SH ARGUMENTS\n" + options(told.rows("Positionals"))
        body += ".SH OPTIONS\n" + options(told.rows("Options"))
        short = told.what.split(".")[0].split(":")[0]
        write(f"man/man1/refero-cli-{verb}.1.gz", page(f"refero-cli-{verb}", short[0].lower() + short[1:],
                                                       body + ".SH SEE ALSO\n\\fBrefero\\-cli\\fR(1), \\fBrefero\\fR(1)\n"))
    body = """.SH SYNOPSIS
.B refero
[\\fB\\-\\-demo\\fR] [\\fIfile\\fR ...]
.SH DESCRIPTION
The window: plan chart shots, bring frames in, read and judge charts, build corrections, make cameras cut together, hand over, test
cameras and transforms. Files are frames, clips, folders of them, chart data, log curves or a studio (.refero). A second start hands
its files to the window that is there. F1 shows the guide.
.SH OPTIONS
.TP
.B \\-\\-demo
Open with the demo shoot, which is made anew and gone afterwards.
.TP
.B \\-h, \\-\\-help
Say what there is to say.
.TP
.B \\-v, \\-\\-version
Say which version this is.
.SH FILES
.TP
.I ~/.local/share/refero/studio.refero
The studio: all that is planned, read, built and handed over.
.TP
.I ~/.config/refero/refero.ini
What a person set up for this machine.
.SH SEE ALSO
\\fBrefero\\-cli\\fR(1)
"""
    write("man/man1/refero.1.gz", page("refero", "measure colour charts and make corrections that are proved", body))


def long_options(told):
    return [re.findall(r"--[a-z][a-z0-9-]*", name)[0] for name, _ in told.rows("Options") if "--" in name]


def completions():
    cases = "\n".join(f"    {verb}) words='{' '.join(long_options(told))}' ;;" for verb, told in verbs.items())
    bash = f"""# Completion of refero-cli for bash.
_refero_cli() {{
  local current="${{COMP_WORDS[COMP_CWORD]}}" words
  if [ "$COMP_CWORD" -eq 1 ]; then
    mapfile -t COMPREPLY < <(compgen -W '{' '.join(verbs)} --help --version' -- "$current")
    return
  fi
  case "${{COMP_WORDS[1]}}" in
{cases}
    *) words= ;;
  esac
  case "$current" in
    -*) mapfile -t COMPREPLY < <(compgen -W "$words" -- "$current") ;;
    *) compopt -o filenames; mapfile -t COMPREPLY < <(compgen -f -- "$current") ;;
  esac
}}
complete -F _refero_cli refero-cli
"""
    plain(bash, "bash-completion/completions/refero-cli")
    plain("""# Completion of refero for bash.
_refero() {
  local current="${COMP_WORDS[COMP_CWORD]}"
  case "$current" in
    -*) mapfile -t COMPREPLY < <(compgen -W '--demo --help --version' -- "$current") ;;
    *) compopt -o filenames; mapfile -t COMPREPLY < <(compgen -f -- "$current") ;;
  esac
}
complete -F _refero refero
""", "bash-completion/completions/refero")

    def quoted(text):
        return "'" + text.replace("\\", "\\\\").replace("'", "\\'") + "'"

    fish = "# Completion of refero-cli for fish.\n"
    for verb, told in verbs.items():
        fish += f"complete -c refero-cli -n __fish_use_subcommand -f -a {verb} -d {quoted(told.what.split('.')[0])}\n"
    for verb, told in verbs.items():
        for name, words in told.rows("Options"):
            for option in re.findall(r"--([a-z][a-z0-9-]*)", name)[:1]:
                fish += f"complete -c refero-cli -n '__fish_seen_subcommand_from {verb}' -l {option} -d {quoted(words.split('.')[0])}\n"
    plain(fish, "fish/vendor_completions.d/refero-cli.fish")

    def bracketed(text):
        return re.sub(r"[\[\]:'\"`$\\]", " ", text).strip()

    zsh = "#compdef refero-cli\n_refero_cli() {\n  if (( CURRENT == 2 )); then\n    local -a verbs=(\n"
    for verb, told in verbs.items():
        zsh += f"      '{verb}:{bracketed(told.what.split('.')[0])}'\n"
    zsh += "    )\n    _describe verb verbs\n    return\n  fi\n  case $words[2] in\n"
    for verb, told in verbs.items():
        rows = " ".join(f"'{re.findall(r'--[a-z][a-z0-9-]*', name)[0]}[{bracketed(words.split('.')[0])}]'"
                        for name, words in told.rows("Options") if "--" in name)
        zsh += f"    {verb}) _arguments {rows} '*:file:_files' ;;\n"
    plain(zsh + "  esac\n}\n_refero_cli \"$@\"\n", "zsh/vendor-completions/_refero-cli")


def plain(text, path):
    path = out / path
    path.parent.mkdir(parents=True, exist_ok=True)
    path.write_text(text)


def changelog():
    when = email.utils.format_datetime(datetime.datetime.combine(RELEASED, datetime.time(12), datetime.timezone.utc))
    lines = "\n".join(textwrap.fill(re.sub(r"^- ", "", note), 76, initial_indent="  * ", subsequent_indent="    ")
                      for note in NOTES if note)
    write("doc/refero/changelog.gz", f"refero ({version}) bookworm; urgency=medium\n\n{lines}\n\n -- {AUTHORS}  {when}\n")


pages()
completions()
changelog()
