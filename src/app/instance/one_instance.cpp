// SPDX-FileCopyrightText: The Refero authors
// SPDX-License-Identifier: GPL-3.0-or-later
#include "app/instance/one_instance.h"

#include <unistd.h>

#include <QCryptographicHash>
#include <QDir>
#include <QFileInfo>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QLocalServer>
#include <QLocalSocket>

namespace refero {
namespace {

constexpr int kPatience = 2000;          // ms, for a first start that is busy
constexpr qsizetype kLongest = 1 << 22;  // bytes of a message

}  // namespace

OneInstance::OneInstance(const QString& name, QObject* parent)
    : QObject(parent), name_(name), server_(new QLocalServer(this)) {
    server_->setSocketOptions(QLocalServer::UserAccessOption);
    connect(server_, &QLocalServer::newConnection, this, &OneInstance::take);
}

OneInstance::~OneInstance() = default;

QString OneInstance::nameOf(const QString& folder) {
    const QByteArray hash =
        QCryptographicHash::hash(QDir(folder).absolutePath().toUtf8(), QCryptographicHash::Sha1)
            .toHex()
            .left(12);
    return QStringLiteral("refero-%1-%2").arg(getuid()).arg(QString::fromLatin1(hash));
}

bool OneInstance::handOver(const QString& name, const QStringList& files, bool demo) {
    QLocalSocket socket;
    socket.connectToServer(name);
    if (!socket.waitForConnected(kPatience)) return false;
    QJsonArray paths;
    for (const QString& file : files) paths.append(QFileInfo(file).absoluteFilePath());
    socket.write(QJsonDocument(QJsonObject{{QStringLiteral("files"), paths}, {QStringLiteral("demo"), demo}})
                     .toJson(QJsonDocument::Compact) +
                 '\n');
    if (!socket.waitForBytesWritten(kPatience)) return false;
    // It answers once it has them: one that hangs has not.
    return socket.waitForReadyRead(kPatience);
}

// A name that is left from a crash is taken over: nobody answered to it.
bool OneInstance::listen() {
    if (server_->listen(name_)) return true;
    QLocalServer::removeServer(name_);
    return server_->listen(name_);
}

void OneInstance::take() {
    while (QLocalSocket* socket = server_->nextPendingConnection()) {
        connect(socket, &QLocalSocket::disconnected, socket, &QObject::deleteLater);
        connect(socket, &QLocalSocket::readyRead, this, [this, socket] {
            if (!socket->canReadLine()) {
                if (socket->bytesAvailable() > kLongest) socket->abort();
                return;
            }
            const QJsonObject said = QJsonDocument::fromJson(socket->readLine(kLongest)).object();
            socket->write("taken\n");
            socket->flush();
            QStringList files;
            for (const auto& file : said[QStringLiteral("files")].toArray()) files << file.toString();
            emit started(files, said[QStringLiteral("demo")].toBool());
        });
    }
}

}  // namespace refero
