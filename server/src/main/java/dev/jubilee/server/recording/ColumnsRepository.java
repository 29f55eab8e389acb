package dev.jubilee.server.recording;

import org.springframework.data.jpa.repository.JpaRepository;

interface ColumnsRepository extends JpaRepository<ColumnsRow, String> {}
